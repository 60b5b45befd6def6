import { useEffect, useState } from 'react';

/** A sound that is on this device only, to be heard before it is sent. */
export function SoundLook({ sound }: { sound: Blob }) {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    const made = URL.createObjectURL(sound);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [sound]);
  return <audio controls src={address} aria-label="Your spoken word" className="h-9 max-w-full" />;
}
