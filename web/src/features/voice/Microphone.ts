/** What a person can do when no sound comes, by what the browser says. */
const TROUBLE: Record<string, string> = {
  NotAllowedError:
    'The browser keeps the microphone from this page. Allow it beside the address, then start again.',
  NotFoundError: 'No microphone was found. Plug one in, or choose a sound file.',
  NotReadableError: 'Another program holds the microphone. Close it, then start again.',
  OverconstrainedError: 'That microphone is gone. Choose another one.',
};

export const troubleOf = (error: unknown, device: 'microphone' | 'camera' = 'microphone'): string => {
  const words =
    TROUBLE[error instanceof Error || error instanceof DOMException ? error.name : ''] ??
    'No microphone answers. Allow it in the browser, or choose a sound file.';
  return device === 'camera' ? words.replace('microphone', 'camera').replace('sound file', 'film') : words;
};

/** The microphones of this device; their names are known once one was allowed. */
export async function microphones(): Promise<MediaDeviceInfo[]> {
  const devices = (await navigator.mediaDevices?.enumerateDevices().catch(() => [])) ?? [];
  return devices.filter((one) => one.kind === 'audioinput' && one.deviceId !== '');
}

/**
 * A microphone that can be changed while its sound goes on: what is recorded is a mixing desk's output, so a microphone
 * that was pulled out can be followed by another one in the same recording.
 */
export class Microphone {
  readonly sound: MediaStream;
  private readonly desk: AudioContext;
  private readonly out: MediaStreamAudioDestinationNode;
  private readonly meter: AnalyserNode;
  private readonly samples: Float32Array<ArrayBuffer>;
  private stream?: MediaStream;
  private source?: MediaStreamAudioSourceNode;

  constructor(private readonly onGone: () => void) {
    this.desk = new AudioContext();
    this.out = this.desk.createMediaStreamDestination();
    this.meter = this.desk.createAnalyser();
    this.samples = new Float32Array(this.meter.fftSize);
    this.meter.connect(this.out);
    this.sound = this.out.stream;
  }

  /** Takes the sound of a microphone, or of the one that the browser prefers. */
  async open(deviceId?: string): Promise<void> {
    if (!navigator.mediaDevices) throw new DOMException('', 'NotFoundError');
    const audio = deviceId ? { deviceId: { exact: deviceId } } : true;
    const stream = await navigator.mediaDevices.getUserMedia({ audio });
    this.letGo();
    this.stream = stream;
    this.source = this.desk.createMediaStreamSource(stream);
    this.source.connect(this.meter);
    for (const track of stream.getTracks()) track.onended = this.onGone;
    await this.desk.resume();
  }

  /** How loud it is now, from 0 to 1. */
  level(): number {
    this.meter.getFloatTimeDomainData(this.samples);
    return this.samples.reduce((loudest, sample) => Math.max(loudest, Math.abs(sample)), 0);
  }

  close() {
    this.letGo();
    this.desk.close();
  }

  private letGo() {
    this.source?.disconnect();
    for (const track of this.stream?.getTracks() ?? []) {
      track.onended = null;
      track.stop();
    }
  }
}
