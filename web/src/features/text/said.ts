import { type Editor, Extension, Mark } from '@tiptap/core';
import { Plugin, PluginKey, type Transaction } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import { litAt } from '../../core/voice';
import { length } from '../../ui';

/** A moment of a recording, in ms of its sound; the recording by its entry. */
export type SaidMoment = { recording: string; at: number };

/** Text that was written while a recording ran. What is written on in the same line keeps the line's moment. */
export const Said = Mark.create({
  name: 'said',
  keepOnSplit: false,
  addAttributes: () => ({
    recording: {
      default: '',
      parseHTML: (element: HTMLElement) => element.getAttribute('data-recording'),
      renderHTML: ({ recording }: { recording?: string }) => ({ 'data-recording': recording }),
    },
    at: {
      default: 0,
      parseHTML: (element: HTMLElement) => Number(element.getAttribute('data-at')) || 0,
      renderHTML: ({ at }: { at?: number }) => ({ 'data-at': at }),
    },
  }),
  parseHTML: () => [{ tag: 'span[data-recording]' }],
  renderHTML: ({ HTMLAttributes }) => ['span', HTMLAttributes, 0],
});

type Doc = Parameters<typeof DecorationSet.create>[0];
type Line = SaidMoment & { from: number; to: number };

/** The lines of a text that have a moment: where they stand and when they were written. */
export function saidLines(doc: Doc): Line[] {
  const lines: Line[] = [];
  doc.descendants((node, place) => {
    if (!node.isTextblock) return true;
    const moment = momentOf(node);
    if (moment) lines.push({ ...moment, from: place + 1, to: place + node.nodeSize - 1 });
    return false;
  });
  return lines;
}

/** The earliest moment that is on a line. */
function momentOf(line: Doc): SaidMoment | undefined {
  let found: SaidMoment | undefined;
  line.descendants((node) => {
    for (const { type, attrs } of node.marks)
      if (type.name === 'said' && (!found || attrs.at < found.at))
        found = { recording: attrs.recording, at: attrs.at };
  });
  return found;
}

/** What a text has to know of the recordings of its page. */
export type TextHearing = {
  /** The moment that is recorded now. */
  now: () => SaidMoment | undefined;
  /** The recordings that can be heard, by their entries. */
  recordings: readonly string[];
  /** The moment that plays now. */
  playing: () => SaidMoment | undefined;
  subscribe: (listener: () => void) => () => void;
  onHear: (moment: SaidMoment) => void;
};

type Shown = Pick<TextHearing, 'recordings' | 'onHear'> & { playing?: SaidMoment };

const NOTHING: Shown = { recordings: [], onHear: () => {} };
const KEY = new PluginKey<{ shown: Shown; set: DecorationSet }>('said');

/** Ties each line that is typed while a recording runs to its moment, and shows the moments of lines. */
export const SaidLines = Extension.create<{ now: () => SaidMoment | undefined }>({
  name: 'saidLines',
  addOptions: () => ({ now: () => undefined as SaidMoment | undefined }),
  addProseMirrorPlugins() {
    const { now } = this.options;
    return [
      new Plugin({
        key: KEY,
        state: {
          init: (_, { doc }) => ({ shown: NOTHING, set: decorations(doc, NOTHING) }),
          apply: (transaction, before) => {
            const shown: Shown = transaction.getMeta(KEY) ?? before.shown;
            return shown === before.shown && !transaction.docChanged
              ? before
              : { shown, set: decorations(transaction.doc, shown) };
          },
        },
        props: { decorations: (state) => KEY.getState(state)?.set },
        appendTransaction: (transactions, _, { doc, tr, schema }) => {
          const moment = transactions.some(isTyped) ? now() : undefined;
          const type = schema.marks.said;
          if (!moment || !type) return null;
          for (const { from, to } of touched(transactions))
            doc.nodesBetween(from, Math.min(to, doc.content.size), (node, place) => {
              if (!node.isTextblock) return true;
              if (node.textContent && !momentOf(node))
                tr.addMark(place + 1, place + node.nodeSize - 1, type.create(moment));
              return false;
            });
          return tr.docChanged ? tr.setMeta('addToHistory', false) : null;
        },
      }),
    ];
  },
});

/** What a hand did; words that come from another device are not written now. */
const isTyped = (transaction: Transaction) => transaction.docChanged && !transaction.getMeta('preventUpdate');

/** The stretches of the text that changed, as they lie after all changes. */
function touched(transactions: readonly Transaction[]): { from: number; to: number }[] {
  return transactions.flatMap((transaction, at) => {
    const later = transactions.slice(at + 1);
    return transaction.mapping.maps.flatMap((map, step) => {
      const found: { from: number; to: number }[] = [];
      map.forEach((_oldFrom, _oldTo, newFrom, newTo) => {
        const place = (position: number, side: -1 | 1) =>
          later.reduce(
            (now, one) => one.mapping.map(now, side),
            transaction.mapping.slice(step + 1).map(position, side),
          );
        found.push({ from: place(newFrom, -1), to: place(newTo, 1) });
      });
      return found;
    });
  });
}

/** Shows the moments of lines, and lights up those that were written at the moment that plays. Gives how to end it. */
export function followSound(
  editor: Editor,
  { recordings, playing, subscribe, onHear }: TextHearing,
): () => void {
  const show = () => {
    const shown: Shown = { recordings, onHear, playing: playing() };
    editor.view.dispatch(editor.state.tr.setMeta(KEY, shown).setMeta('addToHistory', false));
  };
  let lit = '';
  const look = () => {
    const now = playing();
    if (editor.isDestroyed || (!lit && !(now && recordings.includes(now.recording)))) return;
    const lines = litLines(saidLines(editor.state.doc), now);
    const next = lines.map((line) => line.from).join(' ');
    if (next === lit) return;
    lit = next;
    show();
  };
  show();
  return subscribe(look);
}

/** The lines that light up while a moment plays, by the core's rule. */
function litLines(lines: Line[], playing: SaidMoment | undefined): Line[] {
  if (!playing) return [];
  const meanwhile = lines.filter((line) => line.recording === playing.recording);
  const places = litAt(
    meanwhile.map((line) => line.at),
    playing.at,
  );
  return [...places].flatMap((place) => meanwhile[place] ?? []);
}

/** Ties the lines of the selection to a moment, or to none. */
export function tie(editor: Editor, moment: SaidMoment | undefined) {
  const { state, view } = editor;
  const type = state.schema.marks.said;
  if (!type) return;
  const { tr } = state;
  state.doc.nodesBetween(state.selection.from, state.selection.to, (node, place) => {
    if (!node.isTextblock) return true;
    const [from, to] = [place + 1, place + node.nodeSize - 1];
    tr.removeMark(from, to, type);
    if (moment) tr.addMark(from, to, type.create(moment));
    return false;
  });
  view.dispatch(tr);
}

function decorations(doc: Doc, { recordings, playing, onHear }: Shown): DecorationSet {
  const lines = saidLines(doc).filter((line) => recordings.includes(line.recording));
  const lit = new Set(litLines(lines, playing));
  return DecorationSet.create(
    doc,
    lines.flatMap((line) => [
      Decoration.widget(line.from, () => chip(line, onHear), {
        side: -1,
        key: `${line.recording} ${line.at}`,
      }),
      ...(lit.has(line) ? [Decoration.inline(line.from, line.to, { class: 'said-now' })] : []),
    ]),
  );
}

/** The moment of a line, to be pressed. */
function chip(moment: SaidMoment, onHear: (moment: SaidMoment) => void): HTMLElement {
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'said-chip';
  button.contentEditable = 'false';
  button.textContent = length(moment.at / 1000);
  button.setAttribute('aria-label', `Hear what was said at ${length(moment.at / 1000)}`);
  // The press would move the cursor before it is one.
  button.onmousedown = (event) => event.preventDefault();
  button.onclick = () => onHear(moment);
  return button;
}
