import type { Shown } from '../entry';

type Node = { marks?: { type: string; attrs?: { id?: string } }[]; content?: Node[] };

/** The passages of a document in reading order. */
const passagesIn = (node: Node): string[] => [
  ...(node.marks ?? []).flatMap(({ type, attrs }) => (type === 'passage' && attrs?.id ? [attrs.id] : [])),
  ...(node.content ?? []).flatMap(passagesIn),
];

/** Notes of a column in the order of what they stand beside; those that stand beside nothing keep their order, last. */
export function besideOrder(notes: Shown[], beside: Shown[]): Shown[] {
  const places = beside.flatMap((entry) => [entry.id, ...passagesIn((entry.content ?? {}) as Node)]);
  const placeOf = (note: Shown) => {
    const place = note.beside ? places.indexOf(note.beside) : -1;
    return place < 0 ? places.length : place;
  };
  return [...notes].sort((a, b) => placeOf(a) - placeOf(b));
}
