import { type Growing, sendAsItGrows } from '../api';

/** How long the last seconds of a recording may take on their way before they are sent with the whole, in ms. */
const LAST_MILLIS = 8_000;

/** Recordings that are sent while they are being made. */
export class Growth {
  private readonly growing = new Map<string, { sending: Growing; upload?: string }>();

  /** The next part of a recording, which is on the device already. */
  add(recording: string, part: Blob) {
    const known = this.growing.get(recording) ?? this.begin(recording);
    known.sending.add(part);
  }

  private begin(recording: string) {
    const begun: { sending: Growing; upload?: string } = {
      sending: sendAsItGrows((upload) => {
        begun.upload = upload;
      }),
    };
    this.growing.set(recording, begun);
    return begun;
  }

  /** Where the server keeps what it has of a recording. */
  uploadOf = (recording: string) => this.growing.get(recording)?.upload;

  /** Ends it when its last part is there, or when that takes too long; nothing is sent after. */
  async end(recording: string): Promise<void> {
    const known = this.growing.get(recording);
    if (!known) return;
    const tooLong = setTimeout(known.sending.giveUp, LAST_MILLIS);
    await known.sending.end();
    clearTimeout(tooLong);
    this.growing.delete(recording);
  }
}
