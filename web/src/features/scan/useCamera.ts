import { useEffect, useRef, useState } from 'react';

const JPEG_QUALITY = 0.92;

/** The camera of this device, for as long as the component is there. */
export function useCamera() {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState('');
  const [isReady, setReady] = useState(false);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let isGone = false;
    const refused = () =>
      setTrouble('No camera answers. Allow it in the browser, or choose a picture from a file.');
    if (!navigator.mediaDevices) refused();
    navigator.mediaDevices
      ?.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 3840 } } })
      .then((got) => {
        stream = got;
        if (isGone) return stop(got);
        if (video.current) video.current.srcObject = got;
      })
      .catch(refused);
    return () => {
      isGone = true;
      if (stream) stop(stream);
    };
  }, []);
  /** The picture that the camera shows now, as JPEG. */
  const take = () =>
    new Promise<Blob>((resolve, reject) => {
      const frame = video.current;
      if (!frame) return reject(new Error('The camera is off.'));
      const canvas = document.createElement('canvas');
      canvas.width = frame.videoWidth;
      canvas.height = frame.videoHeight;
      canvas.getContext('2d')?.drawImage(frame, 0, 0);
      canvas.toBlob(
        (blob) => (blob ? resolve(blob) : reject(new Error('No picture.'))),
        'image/jpeg',
        JPEG_QUALITY,
      );
    });
  return { video, trouble, isReady, onReady: () => setReady(true), take };
}

const stop = (stream: MediaStream) => {
  for (const track of stream.getTracks()) track.stop();
};
