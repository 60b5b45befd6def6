import { documentText, LINES } from './documentText';

type Mark = { type: string; attrs?: Record<string, unknown> };
type Node = {
  type?: string;
  text?: string;
  marks?: Mark[];
  content?: Node[];
};

/** A stretch of a text, in UTF-16 units of its lines joined by line breaks, as the core counts them. */
export type Stretch = { from: number; to: number };

/** A stretch that is to be seen, and how; a remark shows its number at its end. */
export type Look = Stretch & { look: 'gone' | 'come' | 'remark' | 'chosen'; number?: number };

/** The words of a document, its lines joined by line breaks. */
export const linesOf = (content: unknown): string => documentText(content).replace(/\n$/, '');

/** A document whose texts know their places, with looks laid over stretches of it; only to be shown. */
export function placed(content: unknown, looks: readonly Look[] = []): unknown {
  let at = 0;
  const walk = (node: Node): Node[] => {
    const start = at;
    if (!node.content) {
      at += documentText(node).length;
      return node.text === undefined ? [node] : cut(node, start, looks);
    }
    const inside = node.content.flatMap(walk);
    // A line ends with a line break, which nothing inside it counts.
    if (LINES.includes(node.type ?? '')) at += 1;
    return [{ ...node, content: inside }];
  };
  return walk((content ?? {}) as Node)[0];
}

/** A text in pieces, at each of which the same looks begin and end. */
function cut(node: Node, at: number, looks: readonly Look[]): Node[] {
  const text = node.text ?? '';
  const edges = looks.flatMap(({ from, to }) => [from - at, to - at]).filter((i) => i > 0 && i < text.length);
  const cuts = [...new Set([0, ...edges])].sort((a, b) => a - b);
  return cuts.map((start, i) => {
    const end = cuts[i + 1] ?? text.length;
    const over = looks.filter((one) => one.from < at + end && at + start < one.to);
    return {
      ...node,
      text: text.slice(start, end),
      marks: [
        ...(node.marks ?? []),
        ...over.map(({ look, number, to }) => ({
          type: look,
          attrs: { number: at + end >= to ? number : undefined },
        })),
        { type: 'place', attrs: { at: at + start } },
      ],
    };
  });
}

/** The sentences of a text, without the spaces around them. */
export function sentencesOf(words: string): Stretch[] {
  const sentences = new Intl.Segmenter('en', { granularity: 'sentence' }).segment(words);
  return [...sentences].flatMap(({ segment, index }) => {
    const from = index + segment.length - segment.trimStart().length;
    const to = from + segment.trim().length;
    return to > from ? [{ from, to }] : [];
  });
}

/** The stretch that is selected within a text whose places are known. */
export function selectedIn(element: Element): Stretch | undefined {
  const selection = window.getSelection();
  if (!selection || selection.isCollapsed || selection.rangeCount === 0) return undefined;
  const range = selection.getRangeAt(0);
  if (!element.contains(range.startContainer) || !element.contains(range.endContainer)) return undefined;
  const from = placeOf(range.startContainer, range.startOffset);
  const to = placeOf(range.endContainer, range.endOffset);
  return from !== undefined && to !== undefined && from < to ? { from, to } : undefined;
}

function placeOf(node: globalThis.Node, offset: number): number | undefined {
  const holder = (node instanceof Element ? node : node.parentElement)?.closest<HTMLElement>('[data-at]');
  // A boundary between elements belongs to the text that begins there.
  const inside =
    holder ?? (node.childNodes[offset] as Element | undefined)?.querySelector?.<HTMLElement>('[data-at]');
  if (!inside) return undefined;
  return Number(inside.dataset.at) + (holder && node.nodeType === 3 ? offset : 0);
}
