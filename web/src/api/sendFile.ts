import type { DetailedError, Upload } from 'tus-js-client';
import type { Api } from './client';
import { api, cookie, problem, sendForm, unwrap } from './client';

export type Outgoing = {
  id: string;
  blob: Blob;
  name: string;
  isCutOff?: boolean;
  /** It breaks off, and the student has yet to say whether what is there is kept. */
  isAsked?: boolean;
  /** Where the server keeps the beginning of it, which was sent while it was made. */
  upload?: string;
};

/** Most photos and notes: one request is faster than asking how far the last one came. In bytes. */
const IN_ONE_REQUEST = 5_000_000;

/** What is sent again, at most, when the network breaks off. In bytes. */
const PART = 4_000_000;

/** Sends a file under an id of our own making, so that it can be sent again when no answer came. */
export function sendFile(
  file: Outgoing,
  onProgress: (share: number) => void = () => {},
): Promise<Api['MediaView']> {
  const isSmall = file.blob.size <= IN_ONE_REQUEST && !file.upload;
  return isSmall ? sendWhole(file) : sendInParts(file, onProgress);
}

const sendWhole = ({ id, isCutOff = false, blob, name }: Outgoing): Promise<Api['MediaView']> =>
  sendForm('PUT', `/api/media/${id}?cutOff=${isCutOff}`, { blob, name });

/** In parts (the tus protocol): after a break, even in another visit, it goes on where the server's copy ends. */
async function sendInParts(file: Outgoing, onProgress: (share: number) => void): Promise<Api['MediaView']> {
  const { id, name, isCutOff = false } = file;
  const upload = await uploaded(file, onProgress, FILES);
  const body = { upload, name, cutOff: isCutOff };
  return unwrap(api.PUT('/api/media/{id}/from-upload', { params: { path: { id } }, body }));
}

/** Sends a bag in parts and gives the path of its upload; the same file goes on where it broke off. */
export const sendBag = (file: File, onProgress: (share: number) => void): Promise<string> => {
  const id = `${file.name}-${file.size}-${file.lastModified}`;
  return uploaded({ id, blob: file, name: file.name }, onProgress, BAGS);
};

/** Where parts go, and when it is tried again where nothing else does. */
type Way = { endpoint: string; retryDelays: number[] };

/** The outbox tries again, and waits for the network if it has to. */
const FILES: Way = { endpoint: '/api/uploads', retryDelays: [] };
const BAGS: Way = { endpoint: '/api/bag-uploads', retryDelays: [500, 2_000, 5_000, 15_000] };

async function uploaded(
  { id, blob, upload: begun }: Outgoing,
  onProgress: (share: number) => void,
  way: Way,
): Promise<string> {
  // The first screen does without the code of this.
  const { Upload } = await import('tus-js-client');
  return new Promise((resolve, reject) => {
    const upload = new Upload(blob as File, {
      ...way,
      chunkSize: PART,
      fingerprint: async () => `notchbook-${id}`,
      removeFingerprintOnSuccess: true,
      onBeforeRequest: (request) => request.setHeader('X-XSRF-TOKEN', cookie('XSRF-TOKEN')),
      // What was begun without a length is told it with its end.
      ...(begun && { uploadUrl: begun, uploadLengthDeferred: true }),
      onProgress: (sent) => onProgress(sent / blob.size),
      onSuccess: () => resolve(pathOf(upload)),
      onError: (error) => reject(asProblem(error)),
    });
    if (begun) return upload.start();
    upload.findPreviousUploads().then(([earlier]) => {
      if (earlier) upload.resumeFromPreviousUpload(earlier);
      upload.start();
    }, reject);
  });
}

/** The path of an upload on the server. */
export const pathOf = (upload: Upload) => new URL(upload.url ?? '', window.location.href).pathname;

/** Somebody else still writes, another tab for one: it is tried again. */
const BUSY = [409, 423];

/** An answer of the server as such; everything else is the network. */
function asProblem(error: Error): Error {
  const status = (error as Partial<DetailedError>).originalResponse?.getStatus();
  return status && !BUSY.includes(status) ? problem(status, {}) : error;
}
