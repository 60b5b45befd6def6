import type { Upload } from 'tus-js-client';
import { cookie } from './client';
import { pathOf } from './sendFile';

/** What is gathered before it is sent: some seconds of a voice. In bytes. */
const PART = 24_000;

/** A network that is gone for longer than all of these together is left to the sender of whole files. In ms. */
const PATIENCE = [1_000, 2_000, 5_000, 10_000, 20_000, 40_000];

export type Growing = { add: (part: Blob) => void; end: () => Promise<void>; giveUp: () => void };

/**
 * Sends a file that is still being made, in parts (the tus protocol, its length told at the end). `onBegun` hears where the
 * server keeps it, so that the rest can be sent from there whatever happens to this tab; what fails here is sent later.
 */
export function sendAsItGrows(onBegun: (upload: string) => void): Growing {
  let tap: ReadableStreamDefaultController<Blob> | undefined;
  const parts = new ReadableStream<Blob>({
    start: (controller) => {
      tap = controller;
    },
  });
  let settle = () => {};
  const settled = new Promise<void>((resolve) => {
    settle = resolve;
  });
  let upload: Upload | undefined;
  let isGivenUp = false;
  // The first screen does without the code of this.
  void import('tus-js-client').then(({ Upload }) => {
    if (isGivenUp) return;
    const begun: Upload = new Upload(parts.getReader(), {
      endpoint: '/api/uploads',
      chunkSize: PART,
      uploadLengthDeferred: true,
      retryDelays: PATIENCE,
      storeFingerprintForResuming: false,
      onBeforeRequest: (request) => request.setHeader('X-XSRF-TOKEN', cookie('XSRF-TOKEN')),
      onUploadUrlAvailable: () => onBegun(pathOf(begun)),
      onSuccess: () => settle(),
      onError: () => settle(),
    });
    upload = begun;
    begun.start();
  }, settle);
  return {
    add: (part) => tap?.enqueue(part),
    end: () => {
      tap?.close();
      return settled;
    },
    giveUp: () => {
      isGivenUp = true;
      void upload?.abort();
      settle();
    },
  };
}
