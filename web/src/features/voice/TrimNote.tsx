import { length } from '../../ui';
import type { Trim } from './take';

/** Says what of a sound or a clip is played, and that the rest is still in the file. */
export function TrimNote({ trim }: { trim: Trim | undefined }) {
  if (!trim) return null;
  return (
    <p className="mt-1 text-[13px] text-soft">
      Plays from {length(trim.from / 1000)} to {length(trim.to / 1000)}; the rest was trimmed and stays in the
      file.
    </p>
  );
}
