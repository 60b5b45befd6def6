import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Button, Card, Empty, moved, offerUndo, plural, useKeys } from '../../ui';
import { GatherDialog } from '../gather';
import {
  DetailDialog,
  KeptViewsBar,
  Shapes,
  ShapeTabs,
  ThingDialog,
  useLook,
  useThings,
  ViewBar,
} from '../view';
import { AddDialog } from './AddDialog';
import { Head } from './Head';
import { ItemActs } from './ItemActs';
import { ItemPoints } from './ItemPoints';
import { collectionQuery } from './queries';
import { useGather } from './useGather';
import { useGathered } from './useGathered';
import { useLines } from './useLines';

/** A collection: its things, seen in the way that was chosen. */
export function CollectionScreen() {
  const { collection: id = '' } = useParams();
  const collection = useSuspenseQuery(collectionQuery(id)).data;
  const { look, setLook, aspects, own, seen, items, by, valuesIn } = useLook(collection);
  const { tell, trouble } = useThings(id);
  const { add, order, remove } = useGathered(id);
  const lines = useLines();
  const [isAdding, setAdding] = useState(false);
  const [isNaming, setNaming] = useState(false);
  const [search] = useSearchParams();
  const [open, setOpen] = useState(search.get('thing') ?? undefined);
  useKeys({ a: () => setAdding(true), d: () => setNaming(true) });
  const [list, setList] = useState<File>();
  const gather = useGather(add, setList);
  const all = collection.items.map((one) => one.id);
  const put = (dragged: string, before: string | undefined) => {
    const others = all.filter((one) => one !== dragged);
    const at = before ? others.indexOf(before) : others.length;
    void order([...others.slice(0, at), dragged, ...others.slice(at)]);
  };
  const opened = collection.items.find((item) => item.id === open);
  const isWhole = items.length === collection.items.length;
  /** Things are moved where all of them are seen in the student's own order. */
  const canMove = isWhole && look.sorts.length === 0;
  return (
    <section aria-label="The collection" className="min-h-[70vh] max-w-[1400px]" {...gather.drop}>
      <Head collection={collection} lines={lines}>
        {isWhole
          ? plural(items.length, 'thing')
          : `${items.length} of ${plural(collection.items.length, 'thing')}`}
      </Head>
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2 border-b border-line">
        <ShapeTabs shape={look.shape} onChoose={(shape) => setLook({ ...look, shape })} />
        <div className="flex gap-2 pb-1.5">
          <Button hotkey="D" onClick={() => setNaming(true)}>
            Add a detail
          </Button>
          <Button look="act" hotkey="A" onClick={() => setAdding(true)}>
            Add
          </Button>
        </div>
      </div>
      <div className="my-2.5 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <ViewBar
          look={look}
          aspects={aspects}
          by={by}
          valuesOf={({ key }) => valuesIn(key)}
          onChange={setLook}
        />
        {isWhole && look.sorts.length > 0 && (
          <Button
            look="quiet"
            onClick={() => {
              void order(items.map((item) => item.id));
              setLook({ ...look, sorts: [] });
              offerUndo('This is their own order now', () => order(all));
            }}
          >
            Keep this order
          </Button>
        )}
        <KeptViewsBar collection={id} look={look} onLook={setLook} />
      </div>
      {collection.items.length === 0 ? (
        <Card>
          <Empty>
            Nothing in it yet. Paste addresses, words, a table or pictures anywhere here, drop files, or press
            A to add a link, a note, a file or one of your entries. Bookmarks and references from elsewhere
            come in too.
          </Empty>
        </Card>
      ) : (
        <Shapes
          {...{ collection, items, seen, aspects, own, by, look }}
          onLook={setLook}
          onTell={(item, telling) => void tell(item, telling)}
          onOpen={(item) => setOpen(item.id)}
          onDrop={canMove ? put : undefined}
          acts={(item) => (
            <ItemActs
              item={item}
              isFirst={item.id === collection.items[0]?.id}
              isLast={item.id === collection.items.at(-1)?.id}
              canMove={canMove}
              onMove={(by) => void order(moved(all, all.indexOf(item.id), by))}
              onRemove={() => void remove(item, collection.items)}
            >
              <ItemPoints collection={id} item={item} lines={lines} />
            </ItemActs>
          )}
        />
      )}
      {items.length === 0 && collection.items.length > 0 && (
        <Empty>Nothing in it is as this view wants it. Take words or values out of it to see more.</Empty>
      )}
      {isAdding && (
        <AddDialog collection={id} onAdd={add} onClose={() => setAdding(false)} onList={setList} />
      )}
      {list && (
        <GatherDialog
          key={list.name + list.lastModified}
          collection={id}
          details={collection.details}
          file={list}
          onClose={() => setList(undefined)}
        />
      )}
      {isNaming && <DetailDialog collection={collection} onClose={() => setNaming(false)} />}
      {opened && (
        <ThingDialog
          key={opened.id}
          collection={collection}
          item={opened}
          trouble={trouble}
          onTell={(telling) => void tell(opened, telling)}
          onClose={() => setOpen(undefined)}
        />
      )}
    </section>
  );
}
