import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, ChoiceField, Dialog, Empty, TextField, Trouble } from '../../ui';
import { SourceLine, StyleField, useStyle } from '../source';
import { citationQuery, collectionQuery, collectionsQuery } from './queries';

/** More are found by words. */
const MOST = 40;

type Props = {
  /** Puts in the words that name the source, which lead to it. */
  onCite: (words: string, thing: string) => void;
  onClose: () => void;
};

/** Chooses a thing of a collection that a text takes something from. */
export function CiteDialog({ onCite, onClose }: Props) {
  const queries = useQueryClient();
  const collections = useQuery(collectionsQuery).data;
  const { style, choose } = useStyle();
  const [chosen, setChosen] = useState<string>();
  const [words, setWords] = useState('');
  const id = chosen ?? collections?.[0]?.id ?? '';
  const items = useQuery({ ...collectionQuery(id), enabled: !!id }).data?.items ?? [];
  const cite = useMutation({
    mutationFn: (thing: string) => queries.fetchQuery(citationQuery(thing)),
    onSuccess: ({ reference }, thing) => {
      onCite(reference.inText, thing);
      onClose();
    },
  });
  const found = items
    .filter(({ kind }) => kind !== 'ENTRY')
    .filter(({ title, found: { authors } }) =>
      `${title} ${authors.join(' ')}`.toLowerCase().includes(words.trim().toLowerCase()),
    );
  return (
    <Dialog title="Cite a source" onClose={onClose}>
      {collections?.length === 0 ? (
        <Empty>Keep the source in a collection first; then it can be cited.</Empty>
      ) : (
        <>
          <Trouble>{cite.error?.message}</Trouble>
          <ChoiceField label="Collection" value={id} onChange={({ target: { value } }) => setChosen(value)}>
            {collections?.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </ChoiceField>
          <TextField
            label="Name or author"
            type="search"
            value={words}
            autoFocus
            onChange={({ target: { value } }) => setWords(value)}
          />
          <ul className="max-h-[40vh] overflow-auto">
            {found.slice(0, MOST).map((item) => (
              <li key={item.id} className="border-b border-line">
                <Button
                  look="quiet"
                  className="w-full justify-start! text-left!"
                  disabled={cite.isPending}
                  onClick={() => cite.mutate(item.id)}
                >
                  <span>
                    <b>{item.title}</b>
                    <SourceLine source={item.found} />
                  </span>
                </Button>
              </li>
            ))}
          </ul>
          {found.length === 0 && <Empty>No source is called like that here.</Empty>}
          {found.length > MOST && (
            <p className="text-[13px] text-soft">{found.length - MOST} more; type to find them.</p>
          )}
          <div className="mt-3">
            <StyleField style={style} onChoose={(next) => void choose(next)} />
          </div>
          <p className="text-[13px] text-soft">
            What you cite is listed behind your pages in this style when you hand them in. Words that you
            leave as they are put in follow it.
          </p>
        </>
      )}
    </Dialog>
  );
}
