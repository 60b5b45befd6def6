import type { Shown } from './shown';

/** How an entry that is dragged is known to a slot or a place on a page. */
export const DRAGGED_ENTRY = 'application/x-notchbook-entry';

/** What a page that stands beside needs to make a copy. */
const COPY = 'application/x-notchbook-copy';

/** The entry that a dragged piece of text comes from. */
const TEXT_FROM = 'application/x-notchbook-text-from';

/** Whether what is dragged could be put on a page. */
export const canTake = ({ types }: DataTransfer) =>
  types.includes(DRAGGED_ENTRY) || types.includes(TEXT_FROM) || types.includes('Files');

export function startDrag(data: DataTransfer, entry: Shown) {
  data.setData(DRAGGED_ENTRY, entry.id);
  data.setData(COPY, JSON.stringify(entry));
}

export const draggedCopy = (data: DataTransfer): Shown | undefined => {
  const copy = data.getData(COPY);
  return copy ? JSON.parse(copy) : undefined;
};

/** Notes where a piece of text is dragged from, when it is one. */
export function startTextDrag(data: DataTransfer, target: EventTarget) {
  const entry = (target as Node).parentElement?.closest<HTMLElement>('[data-entry]')?.dataset.entry;
  if (entry && !data.types.includes(DRAGGED_ENTRY)) data.setData(TEXT_FROM, entry);
}

/** A piece of text that was dragged out of an entry, a paragraph for each line. */
export function draggedText(data: DataTransfer): { from: string; content: unknown } | undefined {
  const from = data.getData(TEXT_FROM);
  if (!from) return undefined;
  const lines = data
    .getData('text/plain')
    .split(/\n+/)
    .filter((line) => line.trim());
  return {
    from,
    content: {
      type: 'doc',
      content: lines.map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
    },
  };
}
