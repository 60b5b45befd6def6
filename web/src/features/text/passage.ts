import { type Editor, Extension, Mark } from '@tiptap/core';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import { v7 as newId } from 'uuid';

const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** A span of text that something refers to, by an id of its own; several may lie over each other. */
export const Passage = Mark.create({
  name: 'passage',
  excludes: '',
  inclusive: false,
  keepOnSplit: false,
  addAttributes: () => ({
    id: {
      default: '',
      parseHTML: (element: HTMLElement) => element.getAttribute('data-passage'),
      renderHTML: ({ id }: { id?: string }) => ({ 'data-passage': id }),
    },
  }),
  parseHTML: () => [
    {
      tag: 'span[data-passage]',
      getAttrs: (element) => (ID.test(element.getAttribute('data-passage') ?? '') ? null : false),
    },
  ],
  renderHTML: ({ HTMLAttributes }) => ['span', HTMLAttributes, 0],
});

/** The sign before a passage and how its text looks; a passage without a sign is only coloured. */
export type PassageSign = { passage: string; key: string; sign?: HTMLElement; look: string };

export type Signs = {
  signs: PassageSign[];
  /** Words that the source has too, to be underlined where they stand. */
  run?: string;
};

type Shown = { signs: Signs; set: DecorationSet };

const KEY = new PluginKey<Shown>('signs');

/** Shows the signs of passages, and the run of words shared with a source, without changing the text. */
export const PassageSigns = Extension.create({
  name: 'passageSigns',
  addProseMirrorPlugins: () => [
    new Plugin({
      key: KEY,
      state: {
        init: (): Shown => ({ signs: { signs: [] }, set: DecorationSet.empty }),
        apply: (transaction, before: Shown) => {
          const signs: Signs = transaction.getMeta(KEY) ?? before.signs;
          return signs === before.signs && !transaction.docChanged
            ? before
            : { signs, set: DecorationSet.create(transaction.doc, decorations(transaction.doc, signs)) };
        },
      },
      props: { decorations: (state) => KEY.getState(state)?.set },
    }),
  ],
});

export const showSigns = (editor: Editor, signs: Signs) =>
  editor.view.dispatch(editor.state.tr.setMeta(KEY, signs).setMeta('addToHistory', false));

type Doc = Parameters<typeof DecorationSet.create>[0];

function decorations(doc: Doc, { signs, run }: Signs): Decoration[] {
  const found: Decoration[] = [];
  const begun = new Set<string>();
  doc.descendants((node, at) => {
    if (node.isTextblock && run) found.push(...copied(node.textContent, at, run));
    for (const { attrs } of node.marks.filter((mark) => mark.type.name === 'passage'))
      for (const { key, sign, look } of signs.filter((one) => one.passage === attrs.id)) {
        found.push(Decoration.inline(at, at + node.nodeSize, { class: look }));
        if (sign && !begun.has(key)) found.push(Decoration.widget(at, sign, { side: -1, key }));
        begun.add(key);
      }
  });
  return found;
}

/** Only where a line holds nothing but text do its characters and its places count alike. */
function copied(text: string, at: number, run: string): Decoration[] {
  const from = text.indexOf(run);
  return from < 0
    ? []
    : [Decoration.inline(at + 1 + from, at + 1 + from + run.length, { class: 'copied-run' })];
}

/** The selection, or the whole line that the cursor stands in. */
function range(editor: Editor) {
  const { $from, from, to, empty } = editor.state.selection;
  return empty ? { from: $from.start(), to: $from.end() } : { from, to };
}

/** The passages that lie over the selection or the line of the cursor. */
export function passagesAtCursor(editor: Editor): string[] {
  const { from, to } = range(editor);
  const ids = new Set<string>();
  editor.state.doc.nodesBetween(from, to, (node) => {
    for (const mark of node.marks) if (mark.type.name === 'passage') ids.add(mark.attrs.id);
  });
  return [...ids];
}

/** Makes the selection (or the line of the cursor) a passage and gives its id; nothing where there is no text. */
export function makePassage(editor: Editor): string | undefined {
  const { from, to } = range(editor);
  if (from === to) return undefined;
  const id = newId();
  const type = editor.schema.marks.passage;
  if (type) editor.view.dispatch(editor.state.tr.addMark(from, to, type.create({ id })));
  return id;
}
