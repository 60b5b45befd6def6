import type { Editor } from '@tiptap/react';
import type { PassageSign } from './passage';
import { makePassage, passagesAtCursor } from './passage';

/** What can be set on a passage of a text, and what that does. */
export type TextMarking = {
  /** The spots on pictures of the page, for links to them. */
  spots: { id: string; name: string }[];
  /** The marks there are, in the order of their keys, each with the id that its signs carry. */
  choices: { id: string; name: string }[];
  signs: (PassageSign & { choice?: string })[];
  onMark: (choice: string, passage: string) => void;
  /** Where the page has a column for notes: makes a note there, tied to the passage. */
  onBeside?: (passage: string) => void;
};

/** Sets a mark on the selection or on the line of the cursor; where it stands already, takes it off. */
export function markHere(editor: Editor, marking: TextMarking, choice: string) {
  const here = passagesAtCursor(editor);
  const there = marking.signs.find((sign) => sign.choice === choice && here.includes(sign.passage));
  const passage = there?.passage ?? makePassage(editor);
  if (passage) marking.onMark(choice, passage);
}

/** Makes a note beside the selection or the line of the cursor. */
export function noteHere(editor: Editor, marking: TextMarking) {
  const passage = makePassage(editor);
  if (passage) marking.onBeside?.(passage);
}
