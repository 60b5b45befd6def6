import { type Editor, useEditorState } from '@tiptap/react';
import { DropdownMenu } from 'radix-ui';
import { lazy, Suspense, useRef, useState } from 'react';
import { Trouble } from '../../ui';
import { COLOURS, thingLink } from './extensions';
import type { FormulaPlace } from './FormulaDialog';
import { LinkDialog } from './LinkDialog';
import { markHere, noteHere, type TextMarking } from './marking';
import { type TextHearing, tie } from './said';
import { TableTools } from './TableTools';
import { Tool, toolLook } from './Tool';
import { tableFromCsv } from './tableCsv';

/** Collections stand above texts, so their dialog comes when it is wanted. */
const CiteDialog = lazy(async () => ({
  default: (await import('../collection/CiteDialog')).CiteDialog,
}));

type Chain = ReturnType<Editor['chain']>;
type Act = [label: string, name: string, act: (chain: Chain) => Chain];

const FIRST: Act[] = [
  ['Heading', 'heading', (chain) => chain.toggleHeading({ level: 2 })],
  ['Bold', 'bold', (chain) => chain.toggleBold()],
  ['Italic', 'italic', (chain) => chain.toggleItalic()],
  ['Underline', 'underline', (chain) => chain.toggleUnderline()],
];
const LISTS: Act[] = [
  ['List', 'bulletList', (chain) => chain.toggleBulletList()],
  ['Numbers', 'orderedList', (chain) => chain.toggleOrderedList()],
  ['Checks', 'taskList', (chain) => chain.toggleTaskList()],
  ['Quotation', 'blockquote', (chain) => chain.toggleBlockquote()],
];
const MORE: Act[] = [
  ['Raised', 'superscript', (chain) => chain.toggleSuperscript()],
  ['Lowered', 'subscript', (chain) => chain.toggleSubscript()],
];
const NEW_TABLE = { rows: 3, cols: 3, withHeaderRow: true };

/** What typed text can be, in words; the tools of a table or a quotation come when the cursor stands in one. */
export function TextTools({
  editor,
  marking,
  hearing,
  onFormula,
}: {
  editor: Editor;
  marking: TextMarking;
  hearing?: TextHearing;
  onFormula: (place: FormulaPlace) => void;
}) {
  const [isLinking, setLinking] = useState(false);
  const [isCiting, setCiting] = useState(false);
  const [trouble, setTrouble] = useState('');
  const active = useEditorState({
    editor,
    selector: ({ editor: now }) =>
      Object.fromEntries(
        [...FIRST, ...LISTS, ...MORE]
          .map(([, name]) => name)
          .concat('highlight', 'link', 'table')
          .map((name) => [name, now.isActive(name)]),
      ),
  });
  const file = useRef<HTMLInputElement>(null);
  const tool = ([label, name, act]: Act) => (
    <Tool key={name} name={label} isOn={active[name]} onPress={() => act(editor.chain().focus()).run()} />
  );
  const marks = marksOf(editor, marking);
  const readCsv = async (chosen: File | undefined) => {
    const table = chosen && tableFromCsv(await chosen.text());
    if (typeof table === 'string') setTrouble(table);
    else if (table) editor.chain().focus().insertContent(table).run();
  };
  return (
    <>
      <div
        className="no-print mt-1 flex flex-wrap items-center gap-1 text-[12.5px]"
        role="toolbar"
        aria-label="Text"
      >
        {FIRST.map(tool)}
        <Choice
          name="Highlight"
          isOn={active.highlight}
          choices={[
            ...COLOURS.map((color): [string, () => void] => [
              color,
              () => editor.chain().focus().setHighlight({ color }).run(),
            ]),
            ['none', () => editor.chain().focus().unsetHighlight().run()],
          ]}
        />
        {marks.length > 0 && <Choice name="Mark" choices={marks} />}
        {LISTS.map(tool)}
        <Choice
          name="Put in"
          choices={[
            ['Table', () => editor.chain().focus().insertTable(NEW_TABLE).run()],
            ['Table from CSV', () => file.current?.click()],
            ['Formula', () => onFormula({ tex: '', isOwnLine: false })],
            ['Link', () => setLinking(true)],
            ['Source', () => setCiting(true)],
          ]}
        />
        <Choice
          name="More"
          isOn={MORE.some(([, name]) => active[name])}
          choices={[
            ...MORE.map(([label, , act]): [string, () => void] => [
              label,
              () => act(editor.chain().focus()).run(),
            ]),
            ...tying(editor, hearing),
          ]}
        />
        {active.table && <TableTools editor={editor} />}
        {active.blockquote && <Source editor={editor} />}
      </div>
      <Trouble>{trouble}</Trouble>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv,text/tab-separated-values"
        aria-label="CSV file for a table"
        className="hidden"
        onChange={(event) => {
          void readCsv(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {isCiting && (
        <Suspense fallback={null}>
          <CiteDialog
            onCite={(words, thing) => cite(editor, words, thing)}
            onClose={() => setCiting(false)}
          />
        </Suspense>
      )}
      {isLinking && <LinkDialog editor={editor} spots={marking.spots} onClose={() => setLinking(false)} />}
    </>
  );
}

/** What is selected leads to the source, else the words that name it are put in. */
function cite(editor: Editor, words: string, thing: string) {
  const href = thingLink(thing);
  const chain = editor.chain().focus();
  if (editor.state.selection.empty)
    chain
      .insertContent([
        { type: 'text', text: words, marks: [{ type: 'link', attrs: { href } }] },
        { type: 'text', text: ' ' },
      ])
      .run();
  else chain.setLink({ href }).run();
}

/** Ties the line to the moment that plays, or to none, on a page that has a recording. */
function tying(editor: Editor, hearing: TextHearing | undefined): [string, () => void][] {
  if (!hearing || hearing.recordings.length === 0) return [];
  return [
    ['Tie the line to what plays now', () => hearing.playing() && tie(editor, hearing.playing())],
    ['Untie the line from its moment', () => tie(editor, undefined)],
  ];
}

function Choice({
  name,
  isOn,
  choices,
}: {
  name: string;
  isOn?: boolean;
  choices: [name: string, act: () => void, hotkey?: string][];
}) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className={toolLook(isOn)}>{name} ▾</DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="start"
        sideOffset={4}
        className="z-40 min-w-32 rounded-md border border-line bg-card p-1 text-[13px] text-ink shadow-lg"
        onCloseAutoFocus={(event) => event.preventDefault()}
      >
        {choices.map(([label, act, hotkey]) => (
          <DropdownMenu.Item
            key={label}
            className="flex cursor-pointer items-center gap-2 rounded px-2.5 py-1 outline-none first-letter:uppercase data-highlighted:bg-petrol-wash"
            onSelect={act}
          >
            {(COLOURS as readonly string[]).includes(label) && (
              <mark data-color={label} className="swatch" aria-hidden="true" />
            )}
            <span className="flex-1 first-letter:uppercase">{label}</span>
            {hotkey && <span className="text-soft">{hotkey}</span>}
          </DropdownMenu.Item>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}

/** Where a quotation is from. */
function Source({ editor }: { editor: Editor }) {
  const source = useEditorState({
    editor,
    selector: ({ editor: now }) => String(now.getAttributes('blockquote').source ?? ''),
  });
  return (
    <input
      aria-label="Where the quotation is from"
      placeholder="Where it is from"
      maxLength={300}
      value={source}
      className="min-h-6 w-52 border-b border-line bg-transparent px-1"
      onChange={(event) => editor.commands.updateAttributes('blockquote', { source: event.target.value })}
    />
  );
}

/** The marks there are, and a note beside where the page has a column for it, with their keys. */
const marksOf = (editor: Editor, marking: TextMarking): [string, () => void, string][] => [
  ...marking.choices.map(({ id, name }, i): [string, () => void, string] => [
    name,
    () => markHere(editor, marking, id),
    `Alt ${i + 1}`,
  ]),
  ...(marking.onBeside
    ? [['Note beside', () => noteHere(editor, marking), 'Alt B'] as [string, () => void, string]]
    : []),
];
