import { Highlight } from '@tiptap/extension-highlight';
import { Placeholder } from '@tiptap/extensions';
import { type Editor, EditorContent, type JSONContent, useEditor, useEditorState } from '@tiptap/react';
import { StarterKit } from '@tiptap/starter-kit';
import { useEffect, useRef } from 'react';

/** What the server's schema of typed text has a place for; nothing else can be typed or pasted. */
const EXTENSIONS = [
  StarterKit.configure({
    heading: { levels: [1, 2, 3] },
    blockquote: false,
    code: false,
    codeBlock: false,
    strike: false,
    underline: false,
    link: false,
    horizontalRule: false,
    trailingNode: false,
  }),
  Highlight,
  Placeholder.configure({ placeholder: 'Write here' }),
];

type Props = {
  content: unknown;
  isChosen: boolean;
  onChange: (content: unknown) => void;
};

export function TypedEntry({ content, isChosen, onChange }: Props) {
  const latest = useRef(onChange);
  latest.current = onChange;
  const editor = useEditor({
    extensions: EXTENSIONS,
    content: content as JSONContent,
    injectCSS: false,
    autofocus: isChosen && !hasText(content) ? 'end' : false,
    editorProps: {
      attributes: { class: 'prose', role: 'textbox', 'aria-multiline': 'true', 'aria-label': 'Typed text' },
    },
    onUpdate: ({ editor: changed }) => latest.current(changed.getJSON()),
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
      {isChosen && <TextTools editor={editor} />}
    </>
  );
}

const hasText = (content: unknown) => JSON.stringify(content).includes('"text"');

const TOOLS = [
  ['Heading', 'heading', (editor: Editor) => editor.chain().focus().toggleHeading({ level: 2 }).run()],
  ['Bold', 'bold', (editor: Editor) => editor.chain().focus().toggleBold().run()],
  ['Italic', 'italic', (editor: Editor) => editor.chain().focus().toggleItalic().run()],
  ['Highlight', 'highlight', (editor: Editor) => editor.chain().focus().toggleHighlight().run()],
  ['List', 'bulletList', (editor: Editor) => editor.chain().focus().toggleBulletList().run()],
  ['Numbers', 'orderedList', (editor: Editor) => editor.chain().focus().toggleOrderedList().run()],
] as const;

function TextTools({ editor }: { editor: Editor }) {
  const active = useEditorState({
    editor,
    selector: ({ editor: now }) => TOOLS.map(([, name]) => now.isActive(name)),
  });
  return (
    <div className="no-print mt-1 flex flex-wrap gap-1 text-[12.5px]" role="toolbar" aria-label="Text">
      {TOOLS.map(([label, name, run], i) => (
        <button
          key={name}
          type="button"
          aria-pressed={active[i]}
          className={`rounded border px-1.5 py-px ${active[i] ? 'border-petrol bg-petrol-wash text-ink' : 'border-line text-soft hover:text-ink'}`}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => run(editor)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}
