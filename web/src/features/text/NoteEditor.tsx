import { useState } from 'react';
import { documentText } from './documentText';
import { TextEditor } from './TextEditor';

/** A note: its words, and its text where it is more than words. */
export type Note = { words: string; text?: unknown };

/** Only passages of pages bear marks. */
const NO_MARKING = { spots: [], choices: [], signs: [], onMark: () => {} };

/** A note in a collection, written with the tools of a page. */
export function NoteEditor({ note, onChange }: { note: Note; onChange: (note: Note) => void }) {
  // While it is written here, nothing comes into it from elsewhere.
  const [begun] = useState(() => note.text ?? asText(note.words));
  return (
    <div className="mb-3">
      <b className="mb-1 block font-semibold">Note</b>
      <div className="rounded-md border border-line bg-card p-2">
        <TextEditor
          content={begun}
          isChosen
          isBegun={false}
          label="Note"
          marking={NO_MARKING}
          onChange={(text) => onChange({ words: documentText(text).trim(), text })}
        />
      </div>
    </div>
  );
}

/** A paragraph for each line. */
const asText = (words: string) => ({
  type: 'doc',
  content: words
    .split('\n')
    .map((line) => ({ type: 'paragraph', content: line ? [{ type: 'text', text: line }] : [] })),
});
