import { EditorContent, type JSONContent, useEditor } from '@tiptap/react';
import DOMPurify from 'dompurify';
import { useEffect, useRef, useState } from 'react';
import { extensions } from './extensions';
import { FormulaDialog, type FormulaPlace } from './FormulaDialog';
import { TextTools } from './TextTools';

type Props = {
  content: unknown;
  isChosen: boolean;
  onChange: (content: unknown) => void;
  /** A picture that was pasted into the text and belongs beside it. */
  onPicture: (picture: File) => void;
};

export function TypedEntry({ content, isChosen, onChange, onPicture }: Props) {
  const [formula, setFormula] = useState<FormulaPlace>();
  const latest = useRef({ onChange, onPicture });
  latest.current = { onChange, onPicture };
  const [known] = useState(() => extensions(setFormula));
  const editor = useEditor({
    extensions: known,
    content: content as JSONContent,
    injectCSS: false,
    autofocus: isChosen && !hasText(content) ? 'end' : false,
    editorProps: {
      attributes: { class: 'prose', role: 'textbox', 'aria-multiline': 'true', 'aria-label': 'Typed text' },
      // The editor reads pasted markup into a document of its own; what could run is gone before that.
      transformPastedHTML: (html) =>
        DOMPurify.sanitize(html, { FORBID_TAGS: ['img', 'style', 'svg', 'math'] }),
      handlePaste: (_, event) => {
        const pictures = picturesIn(event.clipboardData);
        pictures.forEach(latest.current.onPicture);
        return pictures.length > 0;
      },
    },
    onUpdate: ({ editor: changed }) => latest.current.onChange(changed.getJSON()),
  });
  useEffect(() => {
    // Words from another tab or device come in only while nobody is typing here; an editor that React has put away takes none.
    if (editor.isDestroyed || editor.isFocused) return;
    if (!editor.schema.nodeFromJSON(content).eq(editor.state.doc))
      editor.commands.setContent(content as JSONContent, { emitUpdate: false });
  }, [content, editor]);
  return (
    <>
      <EditorContent editor={editor} />
      {isChosen && <TextTools editor={editor} onFormula={setFormula} />}
      {formula && <FormulaDialog editor={editor} place={formula} onClose={() => setFormula(undefined)} />}
    </>
  );
}

const hasText = (content: unknown) => JSON.stringify(content).includes('"text"');

/** Pictures alone: a page's or a word processor's own copy comes as text with pictures beside it, and is pasted as text. */
function picturesIn(data: DataTransfer | null): File[] {
  if (!data || data.getData('text/html') || data.getData('text/plain')) return [];
  return [...data.files].filter((file) => file.type.startsWith('image/'));
}
