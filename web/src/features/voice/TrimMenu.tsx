import { length, Menu, MenuItem } from '../../ui';
import type { Trim } from './take';
import { trimmedAt } from './trim';

type Props = {
  trim: Trim | undefined;
  /** Where it stands, and how long it is in whole, in ms. */
  now: number;
  whole: number;
  onTrim: (trim: Trim | undefined) => void;
};

/** Trims a sound or a clip at both ends. Nothing is cut away: it can be taken back. */
export function TrimMenu({ trim, now, whole, onTrim }: Props) {
  const begin = trimmedAt(trim, whole, 'from', now);
  const end = trimmedAt(trim, whole, 'to', now);
  return (
    <Menu name="Trim">
      {begin && <MenuItem onSelect={() => onTrim(begin)}>Begin here, at {length(now / 1000)}</MenuItem>}
      {end && <MenuItem onSelect={() => onTrim(end)}>End here, at {length(now / 1000)}</MenuItem>}
      {trim && <MenuItem onSelect={() => onTrim(undefined)}>Play all of it again</MenuItem>}
    </Menu>
  );
}
