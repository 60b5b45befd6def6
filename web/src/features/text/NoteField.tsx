import { lazy, Suspense } from 'react';
import type { Note } from './NoteEditor';

export type { Note };

/** An editor is more than all else that is seen of a thing, so it comes when it is wanted. */
const NoteEditor = lazy(async () => ({ default: (await import('./NoteEditor')).NoteEditor }));

/** A note in a collection, written with the tools of a page. */
export const NoteField = (props: { note: Note; onChange: (note: Note) => void }) => (
  <Suspense fallback={null}>
    <NoteEditor {...props} />
  </Suspense>
);
