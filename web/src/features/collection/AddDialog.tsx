import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, ChoiceField, Dialog, TextField, Trouble } from '../../ui';
import { contentsQuery, notebooksQuery, useNotebook } from '../contents';
import { pageQuery } from '../entry';
import { isListFile } from '../gather';
import { webAddress } from '../link';
import { type Note, NoteField } from '../text';
import { collectionsQuery } from './queries';
import { ofFile } from './useGather';
import type { Wish } from './usePut';

type Kind = Api['ItemView']['kind'];
const KINDS: [Kind, string][] = [
  ['LINK', 'Link'],
  ['NOTE', 'Note'],
  ['FILE', 'File'],
  ['ENTRY', 'Own entry'],
  ['PAGE', 'Own page'],
  ['COLLECTION', 'Collection'],
];

type Props = {
  collection: string;
  onAdd: (wishes: Wish[]) => void;
  onClose: () => void;
  /** A file of many things was chosen, which is looked into first. */
  onList: (file: File) => void;
};

/** Put a link, a note, a file, an entry or a page of your own, or another collection into a collection. */
export function AddDialog({ collection, onAdd, onClose, onList }: Props) {
  const [kind, setKind] = useState<Kind>('LINK');
  const [note, setNote] = useState<Note>({ words: '' });
  const [trouble, setTrouble] = useState<string>();
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const file = form.get('file');
    if (file instanceof File && isListFile(file)) onList(file);
    else {
      if (kind === 'NOTE' && !note.words) return setTrouble('Write something into the note first.');
      const wish = wishOf(kind, form, note);
      if (!wish) return setTrouble('This is no web address. It looks like https://site.example/page.');
      onAdd([wish]);
    }
    onClose();
  };
  return (
    <Dialog title="Add to the collection" onClose={onClose} size={kind === 'NOTE' ? 'wide' : 'narrow'}>
      <div className="mb-3 flex gap-1.5" role="group" aria-label="What to add">
        {KINDS.map(([value, name]) => (
          <Button
            key={value}
            aria-pressed={kind === value}
            className={kind === value ? 'border-petrol bg-petrol-wash' : ''}
            onClick={() => setKind(value)}
          >
            {name}
          </Button>
        ))}
      </div>
      <Trouble>{trouble}</Trouble>
      <form onSubmit={submit} key={kind}>
        {kind === 'LINK' && (
          <TextField label="Address" name="url" required placeholder="https://…" autoFocus />
        )}
        {kind === 'FILE' && (
          <TextField
            label="File"
            name="file"
            type="file"
            required
            hint="Up to 200 MB. Bookmarks, tables (CSV), BibTeX and RIS can be taken in thing by thing."
          />
        )}
        {kind === 'COLLECTION' && <CollectionChoice except={collection} />}
        {kind === 'ENTRY' || kind === 'PAGE' ? (
          <OwnChoice isPage={kind === 'PAGE'} />
        ) : (
          kind !== 'COLLECTION' && (
            <TextField label="Title" name="title" maxLength={120} required={kind === 'NOTE'} />
          )
        )}
        {kind === 'NOTE' ? (
          <NoteField note={note} onChange={setNote} />
        ) : (
          <label className="mb-3 block font-semibold">
            A note beside it
            <textarea
              name="note"
              rows={3}
              maxLength={4000}
              className="mt-1 w-full rounded-md border border-line bg-card p-2 font-normal"
            />
          </label>
        )}
        <Button look="act" type="submit">
          Add it
        </Button>
      </form>
    </Dialog>
  );
}

/** What a filled form wants put in; nothing where an address is none. */
function wishOf(kind: Kind, form: FormData, { words, text: written }: Note): Wish | undefined {
  const text = (name: string) => String(form.get(name) ?? '');
  const [entryId, entryName = ''] = text('entry').split('|');
  const wish = { kind, title: text('title'), note: text('note') };
  const file = form.get('file');
  if (kind === 'NOTE') return { ...wish, note: words, text: written };
  if (kind === 'LINK') {
    const url = webAddress(text('url'));
    return url ? { ...wish, url } : undefined;
  }
  if (file instanceof File) return { ...ofFile(file), ...wish, title: wish.title || ofFile(file).title };
  return kind === 'ENTRY'
    ? { ...wish, title: entryName, entryId }
    : { ...wish, leadsTo: text('leadsTo') || undefined };
}

/** Another collection of one's own. */
function CollectionChoice({ except }: { except: string }) {
  const others = (useQuery(collectionsQuery).data ?? []).filter(({ id }) => id !== except);
  return (
    <ChoiceField label="Collection" name="leadsTo" required>
      {others.map(({ id, title }) => (
        <option key={id} value={id}>
          {title}
        </option>
      ))}
    </ChoiceField>
  );
}

/** A page of one's own, or an entry of one. */
function OwnChoice({ isPage }: { isPage: boolean }) {
  const current = useNotebook();
  const notebooks = useQuery(notebooksQuery).data ?? [];
  const [notebook, setNotebook] = useState(current?.id ?? '');
  const pages = useQuery({ ...contentsQuery(notebook), enabled: !!notebook }).data?.pages ?? [];
  const [page, setPage] = useState('');
  const entries = useQuery({ ...pageQuery(page), enabled: !!page }).data?.entries ?? [];
  return (
    <>
      <ChoiceField label="Notebook" value={notebook} onChange={(event) => setNotebook(event.target.value)}>
        {notebooks.map((one) => (
          <option key={one.id} value={one.id}>
            {one.title}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField
        label="Page"
        name={isPage ? 'leadsTo' : undefined}
        value={page}
        onChange={(event) => setPage(event.target.value)}
        required
      >
        <option value="">Choose a page</option>
        {pages.map((one) => (
          <option key={one.id} value={one.id}>
            {one.title}
          </option>
        ))}
      </ChoiceField>
      {!isPage && (
        <ChoiceField label="Entry" name="entry" required>
          {entries.map((one) => {
            const name = one.caption || `${one.kind.toLowerCase()} entry`;
            return (
              <option key={one.id} value={`${one.id}|${name}`}>
                {name}
              </option>
            );
          })}
        </ChoiceField>
      )}
    </>
  );
}
