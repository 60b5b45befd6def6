import { v7 as newId } from 'uuid';
import { hold, type Outbox, type TakeWork } from '../../device';
import { Microphone, troubleOf } from './Microphone';
import { recordable } from './recordable';
import { type About, type Moment, type Take, takeOf, withMoment } from './take';

/** Every second of a recording is on the device as soon as it is over. */
const SLICE_MILLIS = 1_000;
const LOOK_MILLIS = 200;

/** In bits a second: two hours are 29 MB, and a voice is clear. */
const BIT_RATE = 32_000;

/** Below this nothing is heard: 46 dB under full scale. */
const HEARD = 0.005;

/** How long nothing may be heard before it is said. */
const QUIET_MILLIS = 6_000;

export type RecorderState = {
  status: 'idle' | 'running' | 'paused';
  /** Where it goes. */
  place?: { pageId: string; notebookId: string; page: string };
  /** Of sound, without pauses. */
  millis: number;
  /** From 0 to 1. */
  level: number;
  moments: Moment[];
  /** What it is about, in a few words. */
  gist: string;
  /** Why it stands still, or that nothing is heard. */
  trouble: string;
};

export type RecordingPlace = {
  pageId: string;
  notebookId: string;
  page: string;
  zone: string;
  /** What it explains. */
  about?: About;
};

const IDLE: RecorderState = { status: 'idle', millis: 0, level: 0, moments: [], gist: '', trouble: '' };

/** The one recording that runs in this tab, whichever page is shown. */
export class Recorder {
  private state = IDLE;
  private readonly listeners = new Set<() => void>();
  private microphone?: Microphone;
  private media?: MediaRecorder;
  private work?: TakeWork;
  private take: Take = takeOf({});
  private runningSince = 0;
  private lastHeard = 0;
  private timer?: ReturnType<typeof setInterval>;
  private release = () => {};
  private keeping: Promise<unknown>[] = [];

  constructor(private readonly outbox: Outbox) {}

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.state;

  /** Begins on a page. Gives whether it runs; if not, the state says why. */
  start = async ({ zone, about, ...place }: RecordingPlace, deviceId?: string): Promise<boolean> => {
    // A second press while the browser still asks for permission begins nothing of its own.
    if (this.microphone) return false;
    const microphone = new Microphone(this.gone);
    this.microphone = microphone;
    try {
      await microphone.open(deviceId);
    } catch (error) {
      microphone.close();
      this.microphone = undefined;
      this.set({ ...IDLE, trouble: troubleOf(error) });
      return false;
    }
    const recording = newId();
    this.work = { recording, pageId: place.pageId, zone };
    this.take = { ...takeOf({}), about };
    this.release = hold(recording);
    this.keeping = [];
    this.media = new MediaRecorder(microphone.sound, {
      mimeType: recordable('audio/webm;codecs=opus', 'audio/mp4'),
      audioBitsPerSecond: BIT_RATE,
    });
    this.media.ondataavailable = ({ data }) => {
      if (data.size > 0) this.keeping.push(this.outbox.recordings.keepSlice({ recording, blob: data }));
      // With every second of sound, so that a tab that is closed loses no moment of what was made meanwhile.
      this.keepTake();
    };
    this.media.onstop = () => void this.finish();
    this.media.start(SLICE_MILLIS);
    this.set({ ...IDLE, place });
    this.run();
    return true;
  };

  pause = () => {
    if (this.state.status !== 'running') return;
    this.media?.pause();
    this.rest();
  };

  /** Goes on after a pause, with another microphone if one is named. */
  goOn = async (deviceId?: string): Promise<void> => {
    if (this.state.status !== 'paused') return;
    try {
      if (deviceId || this.state.trouble) await this.microphone?.open(deviceId);
    } catch (error) {
      this.set({ trouble: troubleOf(error) });
      return;
    }
    this.media?.resume();
    this.run();
  };

  /** The moment that is recorded now (in a pause the one at which it began), by the entry that the recording becomes. */
  now = (): { recording: string; at: number } | undefined =>
    this.work && { recording: this.work.recording, at: Math.round(this.millis()) };

  /** Marks this moment. */
  mark = (name = '') => {
    this.take = withMoment(this.take, { id: newId(), at: Math.round(this.millis()), name });
    this.set({ moments: this.take.moments });
    this.keepTake();
  };

  /** Says what it is about, in a few words. */
  describe = (gist: string) => {
    this.set({ gist });
    this.keepTake();
  };

  stop = () => {
    if (this.state.status === 'running') this.rest();
    this.media?.stop();
  };

  private gone = () => {
    this.pause();
    this.set({ trouble: 'The microphone went away. Plug it in, then go on; what was said is kept.' });
  };

  private run() {
    this.runningSince = Date.now();
    this.lastHeard = this.runningSince;
    this.timer = setInterval(this.look, LOOK_MILLIS);
    this.set({ status: 'running', trouble: '' });
    this.keepTake();
  }

  private rest() {
    clearInterval(this.timer);
    const length = Date.now() - this.runningSince;
    this.take = {
      ...this.take,
      stretches: [...this.take.stretches, { startedAt: this.runningSince, length }],
    };
    this.set({ status: 'paused', millis: this.millis(), level: 0 });
    this.keepTake();
  }

  private look = () => {
    const level = this.microphone?.level() ?? 0;
    if (level >= HEARD) this.lastHeard = Date.now();
    const isQuiet = Date.now() - this.lastHeard > QUIET_MILLIS;
    this.set({
      level,
      millis: this.millis(),
      trouble: isQuiet ? 'Nothing is heard. Is the microphone on, and near enough?' : '',
    });
  };

  /** How much sound there is by now, without pauses, in ms. */
  private millis(): number {
    const before = this.take.stretches.reduce((sum, one) => sum + one.length, 0);
    return before + (this.media?.state === 'recording' ? Date.now() - this.runningSince : 0);
  }

  /** What is known by now, on the device. */
  private keepTake() {
    const running =
      this.state.status === 'running'
        ? [{ startedAt: this.runningSince, length: Date.now() - this.runningSince }]
        : [];
    const content = { ...this.take, stretches: [...this.take.stretches, ...running] };
    if (this.work)
      this.keeping.push(this.outbox.recordings.keepTake({ ...this.work, content, caption: this.state.gist }));
  }

  private async finish(): Promise<void> {
    const { work, keeping, release } = this;
    this.microphone?.close();
    this.microphone = undefined;
    this.work = undefined;
    // The last seconds may still be on their way; the next recording need not wait for them.
    this.set(IDLE);
    await Promise.all(keeping);
    if (work) await this.outbox.recordings.finish(work.recording);
    release();
  }

  private set(part: Partial<RecorderState>) {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}
