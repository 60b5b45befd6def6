import { Blockquote } from '@tiptap/extension-blockquote';
import { Highlight } from '@tiptap/extension-highlight';
import { TaskItem, TaskList } from '@tiptap/extension-list';
import { Mathematics } from '@tiptap/extension-mathematics';
import { Subscript } from '@tiptap/extension-subscript';
import { Superscript } from '@tiptap/extension-superscript';
import { TableKit } from '@tiptap/extension-table';
import { Placeholder } from '@tiptap/extensions';
import { StarterKit } from '@tiptap/starter-kit';
import 'katex/dist/katex.min.css';
import { Passage, PassageSigns } from './passage';
import { Said, SaidLines, type SaidMoment } from './said';

/** The four colours of highlighter, by the names that the server knows. */
export const COLOURS = ['yellow', 'green', 'blue', 'rose'] as const;
export type Colour = (typeof COLOURS)[number];

/** A highlighter in one of four colours; a style sheet says how each looks in each theme. */
const Highlighter = Highlight.extend({
  addAttributes() {
    return {
      color: {
        default: 'yellow',
        parseHTML: (element) => {
          const colour = element.getAttribute('data-color') as Colour;
          return COLOURS.includes(colour) ? colour : 'yellow';
        },
        renderHTML: ({ color }) => ({ 'data-color': color }),
      },
    };
  },
});

/** Somebody else's words, with where they are from. */
const Quotation = Blockquote.extend({
  addAttributes() {
    return {
      source: {
        default: '',
        parseHTML: (element) => element.getAttribute('data-source') ?? element.getAttribute('cite') ?? '',
        renderHTML: ({ source }) => (source ? { 'data-source': source } : {}),
      },
    };
  },
});

const KATEX = { throwOnError: false, trust: false, maxExpand: 500, maxSize: 20 } as const;

type OnFormula = (place: { tex: string; at: number; isOwnLine: boolean }) => void;

/** What the server's schema of typed text has a place for; nothing else can be typed or pasted. */
export const extensions = (
  onFormula: OnFormula,
  placeholder: string,
  now: () => SaidMoment | undefined = () => undefined,
) => [
  StarterKit.configure({
    heading: { levels: [1, 2, 3] },
    blockquote: false,
    code: false,
    codeBlock: false,
    strike: false,
    horizontalRule: false,
    trailingNode: false,
    link: { openOnClick: false, protocols: ['mailto'], defaultProtocol: 'https', isAllowedUri },
  }),
  Highlighter,
  Passage,
  PassageSigns,
  Said,
  SaidLines.configure({ now }),
  Quotation,
  Subscript,
  Superscript,
  TaskList,
  TaskItem.configure({ nested: true }),
  TableKit.configure({ table: { resizable: false } }),
  Mathematics.configure({
    katexOptions: KATEX,
    inlineOptions: { onClick: (node, at) => onFormula({ tex: node.attrs.latex, at, isOwnLine: false }) },
    blockOptions: { onClick: (node, at) => onFormula({ tex: node.attrs.latex, at, isOwnLine: true }) },
  }),
  Placeholder.configure({ placeholder }),
];

/** Links lead to the web, to mail, to a spot on a picture or to a thing that is cited, as the server has it. */
export function isAllowedUri(address: string): boolean {
  return /^(https?:\/\/|mailto:)./i.test(address) || isSpotLink(address) || !!citedThing(address);
}

export const thingLink = (thing: string): string => `#thing-${thing}`;

/** The thing that a link cites. */
export const citedThing = (address: string): string | undefined =>
  /^#thing-([0-9a-f-]{36})$/.exec(address)?.[1];

export const isSpotLink = (address: string): boolean => /^#spot-[0-9a-f-]{36}$/.test(address);
