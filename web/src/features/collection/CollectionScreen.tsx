import { File, LinkSimple, Note } from '@phosphor-icons/react';
import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import {
  Button,
  Card,
  Empty,
  evidenceOf,
  Heading,
  offerUndo,
  plural,
  Shape,
  Trouble,
  useKeys,
} from '../../ui';
import { useNotebook } from '../contents';
import { AddDialog } from './AddDialog';
import { ItemPoints } from './ItemPoints';
import { collectionQuery } from './queries';
import { useRestore } from './useRestore';

/** A collection: its things in the student's own order. */
export function CollectionScreen() {
  const { collection: id = '' } = useParams();
  const collection = useSuspenseQuery(collectionQuery(id)).data;
  const notebook = useNotebook();
  const queries = useQueryClient();
  const go = useNavigate();
  const [isAdding, setAdding] = useState(false);
  useKeys({ a: () => setAdding(true) });
  const refresh = () => queries.invalidateQueries({ queryKey: ['collection', id] });
  const change = useMutation({ mutationFn: (act: () => Promise<unknown>) => act(), onSuccess: refresh });
  const move = (index: number, by: -1 | 1) => {
    const items = collection.items.map((item) => item.id);
    items.splice(index + by, 0, ...items.splice(index, 1));
    change.mutate(() =>
      unwrap(api.POST('/api/collections/{id}/order', { params: { path: { id } }, body: { items } })),
    );
  };
  const restore = useRestore();
  const remove = ({ id: item, title }: Api['ItemView']) =>
    change.mutate(async () => {
      await unwrap(api.DELETE('/api/collections/{id}/items/{item}', { params: { path: { id, item } } }));
      offerUndo(`“${title}” is in the bin`, () => restore.mutate(item));
    });
  const drop = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/collections/{id}', { params: { path: { id } } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['collections'] });
      go('/collections');
      offerUndo(`“${collection.title}” is in the bin`, () => restore.mutate(id));
    },
  });
  return (
    <div className="max-w-4xl">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <Heading name={collection.title} className="text-[24px]" />
          <p className="text-soft">
            {[collection.purpose, plural(collection.items.length, 'thing')].filter(Boolean).join(' · ')}
          </p>
        </div>
        <div className="flex gap-2">
          <Button look="warn" onClick={() => drop.mutate()}>
            Delete
          </Button>
          <Button look="act" hotkey="A" onClick={() => setAdding(true)}>
            Add
          </Button>
        </div>
      </div>
      <Trouble>{change.error?.message ?? drop.error?.message}</Trouble>
      <Card>
        {collection.items.length === 0 && (
          <Empty>Nothing in it yet. Press A to add a link, a note, a file or one of your entries.</Empty>
        )}
        <ol>
          {collection.items.map((item, i) => (
            <li key={item.id} className="flex items-start gap-3 border-b border-line py-2.5 last:border-0">
              <span className="mt-1 flex w-5 justify-center text-soft">
                <ItemMark item={item} />
              </span>
              <div className="min-w-0 flex-1">
                <ItemTitle item={item} />
                {item.note && <p className="whitespace-pre-line text-soft">{item.note}</p>}
                {notebook && <ItemPoints collection={id} item={item} notebook={notebook} />}
              </div>
              <span className="flex shrink-0">
                <Button
                  look="quiet"
                  disabled={i === 0}
                  aria-label={`Move ${item.title} up`}
                  onClick={() => move(i, -1)}
                >
                  ↑
                </Button>
                <Button
                  look="quiet"
                  disabled={i === collection.items.length - 1}
                  aria-label={`Move ${item.title} down`}
                  onClick={() => move(i, 1)}
                >
                  ↓
                </Button>
                <Button look="quiet" onClick={() => remove(item)} aria-label={`Take out ${item.title}`}>
                  Take out
                </Button>
              </span>
            </li>
          ))}
        </ol>
      </Card>
      {isAdding && <AddDialog collection={id} onClose={() => setAdding(false)} onAdded={refresh} />}
    </div>
  );
}

function ItemMark({ item }: { item: Api['ItemView'] }) {
  if (item.entry?.kind) return <Shape kind={evidenceOf(item.entry.kind)} />;
  const Icon = { LINK: LinkSimple, NOTE: Note, FILE: File, ENTRY: Note }[item.kind];
  return <Icon size={16} aria-label={item.kind.toLowerCase()} />;
}

function ItemTitle({ item }: { item: Api['ItemView'] }) {
  const look = 'inline-block min-h-[26px] font-semibold text-petrol hover:underline';
  if (item.url)
    return (
      <a href={item.url} target="_blank" rel="noreferrer noopener" className={look}>
        {item.title}
        <span className="ml-2 font-normal text-soft">{new URL(item.url).host}</span>
      </a>
    );
  if (item.media)
    return (
      <a href={`/api/media/${item.media.id}`} className={look} download={item.media.name}>
        {item.title}
      </a>
    );
  if (item.entry?.pageId)
    return (
      <Link to={`/p/${item.entry.pageId}?entry=${item.entry.entryId}`} className={look}>
        {item.title}
      </Link>
    );
  return (
    <b>
      {item.title}
      {item.entry && <span className="font-normal text-rust"> · its entry is in the bin</span>}
    </b>
  );
}
