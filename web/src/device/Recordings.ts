import { Growth } from './Growth';
import type { Change, DeviceStore, KeptTake, Slice, WaitingFile } from './store';

type Finished = Pick<Change, 'id' | 'pageId' | 'zone' | 'kind' | 'content' | 'caption' | 'width'>;

/** Recordings and clips that are being made: each second is on the device first, then on its way to the server. */
export class Recordings {
  private readonly growth = new Growth();

  constructor(
    private readonly store: DeviceStore,
    private readonly keepWithFile: (work: Finished, file: Omit<WaitingFile, 'id'>) => Promise<boolean>,
  ) {}

  keepSlice = async (slice: Slice): Promise<void> => {
    await this.store.slices.add(slice);
    this.growth.add(slice.recording, slice.blob);
  };

  keepTake = (take: KeptTake) =>
    this.store.takes.put({ ...take, upload: this.growth.uploadOf(take.recording) });

  /** Makes an entry of a recording's slices. */
  finish = async (recording: string, isCutOff = false): Promise<void> => {
    await this.growth.end(recording);
    const slices = await this.store.slices.where({ recording }).sortBy('id');
    const take = await this.store.takes.get(recording);
    if (take && slices[0]) {
      const { pageId, zone, content, caption = '', kind = 'RECORDING', upload } = take;
      const work = { id: recording, pageId, zone, kind, content, caption, width: 'FULL' } as const;
      const name = kind === 'CLIP' ? 'clip.webm' : 'recording.webm';
      const blob = new Blob(
        slices.map((slice) => slice.blob),
        { type: slices[0].blob.type },
      );
      // Where there is no room for the whole, its parts stay, and the next visit tries again.
      if (!(await this.keepWithFile(work, { name, blob, isCutOff, upload }))) return;
    }
    await this.store.slices.where({ recording }).delete();
    await this.store.takes.delete(recording);
  };

  /** The recordings that an earlier visit left. */
  left = async (): Promise<Set<string>> =>
    new Set((await this.store.slices.toArray()).map((slice) => slice.recording));
}
