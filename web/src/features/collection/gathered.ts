import { webAddress } from '../link';

/** Something that was pasted or dropped: a page of the web, or words. */
export type Found = { kind: 'LINK'; url: string } | { kind: 'NOTE'; title: string; note: string };

const LONGEST_TITLE = 120;

/** As many addresses as somebody pastes at once. */
const MOST_ADDRESSES = 200;

/** What a pasted text is: links where every line is an address, else one note with its first line as its title. */
export function foundIn(text: string): Found[] {
  const lines = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const addresses = lines.map((line) => (/\s/.test(line) ? undefined : webAddress(line)));
  if (lines.length > 0 && addresses.every(Boolean))
    return addresses.slice(0, MOST_ADDRESSES).flatMap((url) => (url ? [{ kind: 'LINK', url }] : []));
  const [title = '', ...rest] = lines;
  if (!title) return [];
  return title.length > LONGEST_TITLE
    ? [{ kind: 'NOTE', title: `${title.slice(0, LONGEST_TITLE - 1)}…`, note: text.trim().slice(0, 4000) }]
    : [{ kind: 'NOTE', title, note: rest.join('\n').slice(0, 4000) }];
}
