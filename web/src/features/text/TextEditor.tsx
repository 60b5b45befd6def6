import { type Editor, EditorContent, type JSONContent, useEditor } from '@tiptap/react';
import DOMPurify from 'dompurify';
import { useEffect, useRef, useState } from 'react';
import { useKeeping } from '../../device';
import { citedThing, extensions, isSpotLink } from './extensions';
import { FormulaDialog, type FormulaPlace } from './FormulaDialog';
import { markHere, noteHere, type TextMarking } from './marking';
import { showSigns } from './passage';
import { followSound, type TextHearing } from './said';
import { TextTools } from './TextTools';

export type TextProps = {
  content: unknown;
  isChosen: boolean;
  /** Whether what is chosen and still empty is written into at once; where other fields come first it is not. */
  isBegun?: boolean;
  /** What the text is, for those who can't see where it stands. */
  label?: string;
  placeholder?: string;
  marking: TextMarking;
  /** Words that the source has too. */
  copiedRun?: string;
  /** In a column there is no room for tools; their keys work there too. */
  isNarrow?: boolean;
  /** Where another page stands beside this one: copies the selected text there. */
  onAcross?: (text: unknown) => void;
  /** What it is now, and what the editor last took over before it was changed to that. */
  onChange: (content: unknown, basedOn: unknown) => void;
  /** The recordings of the page that lines are tied to. */
  hearing?: TextHearing;
  /** A picture that was pasted into the text and belongs beside it. */
  onPicture?: (picture: File) => void;
};

/** How far from the edges of the window what is being written stays, in px. */
const CLEAR_PX = { top: 70, bottom: 90, left: 0, right: 0 };

/** An editor over typed text. */
export function TextEditor({
  content,
  isChosen,
  isBegun = isChosen,
  label = 'Typed text',
  placeholder = 'Write here',
  marking,
  copiedRun,
  isNarrow,
  onAcross,
  hearing,
  onChange,
  onPicture,
}: TextProps) {
  const [formula, setFormula] = useState<FormulaPlace>();
  const latest = useRef({ onChange, onPicture, onAcross, marking, hearing });
  latest.current = { onChange, onPicture, onAcross, marking, hearing };
  const shown = useRef(content);
  /** What was last told of what is typed here: as long as that is all, words from elsewhere can come in. */
  const told = useRef<Editor['state']['doc']>(undefined);
  const keep = useKeeping((changed: Editor) => {
    told.current = changed.state.doc;
    latest.current.onChange(changed.getJSON(), shown.current);
  }, isLong);
  const [known] = useState(() => extensions(setFormula, placeholder, () => latest.current.hearing?.now()));
  const editor = useEditor({
    extensions: known,
    content: content as JSONContent,
    injectCSS: false,
    autofocus: isBegun && !hasText(content) ? 'end' : false,
    editorProps: {
      // The head above and the bar below cover neither the line that is written nor the one after it.
      scrollThreshold: CLEAR_PX,
      scrollMargin: CLEAR_PX,
      attributes: { class: 'prose', role: 'textbox', 'aria-multiline': 'true', 'aria-label': label },
      // The editor reads pasted markup into a document of its own; what could run is gone before that.
      transformPastedHTML: (html) =>
        DOMPurify.sanitize(html, { FORBID_TAGS: ['img', 'style', 'svg', 'math'] }),
      handlePaste: (_, event) => {
        const { onPicture: take } = latest.current;
        const pictures = take ? picturesIn(event.clipboardData) : [];
        for (const picture of pictures) take?.(picture);
        return pictures.length > 0;
      },
      handleKeyDown: (_, event) => pressed(event),
      // The press and its end may lie on both sides of a change of the text; a click is one whatever the editor makes of it.
      handleDOMEvents: { click: (_, event) => followed(event) },
    },
    onUpdate: ({ editor: changed }) => keep(changed),
  });
  /** Alt and a digit sets a mark, Alt B makes a note beside, Alt C copies across; by the key's place, whatever letter it types with Alt. */
  const pressed = (event: KeyboardEvent): boolean => {
    if (!event.altKey || event.ctrlKey || event.metaKey) return false;
    const choice = latest.current.marking.choices[Number(event.code.replace('Digit', '')) - 1];
    if (event.code.startsWith('Digit') && choice) markHere(editor, latest.current.marking, choice.id);
    else if (event.code === 'KeyB' && latest.current.marking.onBeside)
      noteHere(editor, latest.current.marking);
    else if (event.code === 'KeyC' && latest.current.onAcross && !editor.state.selection.empty)
      latest.current.onAcross(selected(editor));
    else return false;
    event.preventDefault();
    return true;
  };
  useEffect(() => {
    // An editor that React has put away takes nothing.
    if (editor.isDestroyed || content === shown.current) return;
    const { doc } = editor.state;
    const next = editor.schema.nodeFromJSON(content);
    const isTypedOn = editor.isFocused && told.current && !told.current.eq(doc);
    if (!next.eq(doc)) {
      if (isTypedOn) return;
      takeOver(editor, next);
    }
    shown.current = content;
  }, [content, editor]);
  const { signs } = marking;
  useEffect(() => {
    if (!editor.isDestroyed) showSigns(editor, { signs, run: copiedRun });
  }, [editor, signs, copiedRun]);
  useEffect(
    () => (hearing && !editor.isDestroyed ? followSound(editor, hearing) : undefined),
    [editor, hearing],
  );
  return (
    <>
      <EditorContent editor={editor} />
      {isChosen && !isNarrow && (
        <TextTools editor={editor} marking={marking} hearing={hearing} onFormula={setFormula} />
      )}
      {formula && <FormulaDialog editor={editor} place={formula} onClose={() => setFormula(undefined)} />}
    </>
  );
}

/** Brings in words from another tab or device: only what differs is replaced, so that whoever types stays at their place. */
function takeOver(editor: Editor, next: Editor['state']['doc']) {
  const { doc, tr } = editor.state;
  const start = doc.content.findDiffStart(next.content);
  const end = doc.content.findDiffEnd(next.content);
  if (start === null || !end) return;
  // Where the same letters stand on both sides of what differs, its end could lie before its start.
  const overlap = Math.max(0, start - Math.min(end.a, end.b));
  editor.view.dispatch(
    tr
      .replace(start, end.a + overlap, next.slice(start, end.b + overlap))
      .setMeta('addToHistory', false)
      .setMeta('preventUpdate', true),
  );
}

/** A link to a spot leads there at a click, and what is cited opens beside; nothing else of the page is left by it. */
function followed({ target }: MouseEvent): boolean {
  const href = target instanceof Element ? (target.closest('a')?.getAttribute('href') ?? '') : '';
  const thing = citedThing(href);
  if (thing) window.open(`/things/${thing}`, '_blank', 'noopener');
  if (!isSpotLink(href)) return !!thing;
  // Once more to the same spot is a change of address too.
  window.location.hash = '';
  window.location.hash = href;
  return true;
}

/** A text of more characters takes longer to write down than to show. */
const LONG_CHARACTERS = 20_000;

const isLong = (editor: Editor) => editor.state.doc.content.size >= LONG_CHARACTERS;

/** What is selected, as a text of its own. */
const selected = ({ state: { doc, selection } }: Editor) => doc.cut(selection.from, selection.to).toJSON();

const hasText = (content: unknown) => JSON.stringify(content).includes('"text"');

/** Pictures alone: a page's or a word processor's own copy comes as text with pictures beside it, and is pasted as text. */
function picturesIn(data: DataTransfer | null): File[] {
  if (!data || data.getData('text/html') || data.getData('text/plain')) return [];
  return [...data.files].filter((file) => file.type.startsWith('image/'));
}
