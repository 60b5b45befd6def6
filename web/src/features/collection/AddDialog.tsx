import { useMutation, useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap } from '../../api';
import { Button, ChoiceField, Dialog, TextField, Trouble } from '../../ui';
import { contentsQuery, notebooksQuery, useNotebook } from '../contents';
import { pageQuery } from '../entry';
import { isListFile } from '../gather';
import { collectionsQuery } from './queries';

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
  onClose: () => void;
  onAdded: () => void;
  /** A file of many things was chosen, which is looked into first. */
  onList: (file: File) => void;
};

/** Put a link, a note, a file, an entry or a page of your own, or another collection into a collection. */
export function AddDialog({ collection, onClose, onAdded, onList }: Props) {
  const [kind, setKind] = useState<Kind>('LINK');
  const add = useMutation({
    mutationFn: async (form: FormData) => {
      const text = (name: string) => String(form.get(name) ?? '');
      const mediaId = kind === 'FILE' ? await sent(form.get('file') as File) : undefined;
      const [entryId, entryName] = text('entry').split('|');
      const body = {
        kind,
        title: kind === 'ENTRY' ? (entryName ?? '') : text('title'),
        leadsTo: text('leadsTo') || undefined,
        note: text('note'),
        url: kind === 'LINK' ? text('url') : undefined,
        mediaId,
        entryId: kind === 'ENTRY' ? entryId : undefined,
      };
      await unwrap(
        api.PUT('/api/collections/{id}/items/{item}', {
          params: { path: { id: collection, item: newId() } },
          body,
        }),
      );
    },
    onSuccess: () => {
      onAdded();
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const chosen = event.currentTarget.elements.namedItem('file');
    const file = chosen instanceof HTMLInputElement ? chosen.files?.[0] : undefined;
    if (file && isListFile(file)) {
      onClose();
      onList(file);
    } else add.mutate(new FormData(event.currentTarget));
  };
  return (
    <Dialog title="Add to the collection" onClose={onClose}>
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
      <Trouble>{add.error?.message}</Trouble>
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
        <label className="mb-3 block font-semibold">
          {kind === 'NOTE' ? 'Note' : 'A note beside it'}
          <textarea
            name="note"
            rows={3}
            maxLength={4000}
            required={kind === 'NOTE'}
            className="mt-1 w-full rounded-md border border-line bg-card p-2 font-normal"
          />
        </label>
        <Button look="act" type="submit" disabled={add.isPending}>
          Add it
        </Button>
      </form>
    </Dialog>
  );
}

async function sent(file: File): Promise<string> {
  const id = newId();
  await sendFile({ id, blob: file, name: file.name });
  return id;
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
