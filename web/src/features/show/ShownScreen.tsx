import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button, Card, Empty, Heading, plural, Trouble, useKeys } from '../../ui';
import { KeptLooks, Shapes, ShapeTabs, ThingReading, useLook, ViewBar } from '../view';
import { shownOneQuery } from './queries';
import { useTaking } from './useTaking';

/** A collection that somebody shows: its reader sorts, narrows and groups for themselves, and takes over what helps. */
export function ShownScreen() {
  const { collection: id = '' } = useParams();
  const { of, ofTeacher, collection, views } = useSuspenseQuery(shownOneQuery(id)).data;
  const { look, setLook, aspects, own, seen, items, by, valuesIn } = useLook(collection);
  const { takeOver, forLater, error } = useTaking(id);
  const [open, setOpen] = useState<string>();
  const opened = collection.items.find((item) => item.id === open);
  useKeys({ k: () => forLater.mutate([]) });
  return (
    <section aria-label="The collection" className="max-w-[1400px]">
      <div className="mb-2 flex flex-wrap items-start justify-between gap-3">
        <div className="min-w-0 flex-1">
          <Heading name={collection.title} className="text-[24px]">
            {collection.title}
          </Heading>
          <p className="text-soft">
            {[collection.purpose, ofTeacher ? `from your teacher, ${of}` : `from ${of}`]
              .filter(Boolean)
              .join(' · ')}{' '}
            · {plural(items.length, 'thing')}
          </p>
        </div>
        <Button hotkey="K" disabled={forLater.isPending} onClick={() => forLater.mutate([])}>
          Keep for later
        </Button>
        <Button disabled={takeOver.isPending} onClick={() => takeOver.mutate([])}>
          Take it over
        </Button>
      </div>
      <Trouble>{error?.message}</Trouble>
      <output aria-live="polite">
        {forLater.data && (
          <p className="mb-2">
            {plural(forLater.data.things, 'thing')} kept.{' '}
            {forLater.data.stayed > 0 &&
              `${plural(forLater.data.stayed, 'piece')} of their own work stayed. `}
            <Link
              to={`/collections/${forLater.data.into}`}
              className="font-semibold text-petrol hover:underline"
            >
              See what you keep for later
            </Link>
          </p>
        )}
      </output>
      <div className="border-b border-line">
        <ShapeTabs shape={look.shape} onChoose={(shape) => setLook({ ...look, shape })} />
      </div>
      <div className="my-2.5 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <ViewBar
          look={look}
          aspects={aspects}
          by={by}
          valuesOf={({ key }) => valuesIn(key)}
          onChange={setLook}
        />
        <KeptLooks views={views.views} look={look} onLook={setLook} />
      </div>
      {items.length === 0 ? (
        <Card>
          <Empty>Nothing in it is as this view wants it.</Empty>
        </Card>
      ) : (
        <Shapes
          {...{ collection, items, seen, aspects, own, by, look }}
          reading={views}
          onLook={setLook}
          onTell={() => {}}
          onOpen={(item) => setOpen(item.id)}
          acts={() => null}
        />
      )}
      {opened && (
        <ThingReading item={opened} own={own} onClose={() => setOpen(undefined)}>
          {opened.kind === 'ENTRY' ? (
            <p className="text-soft">Their own work stays with them.</p>
          ) : (
            <>
              <Button look="act" onClick={() => forLater.mutate([opened.id])}>
                Keep for later
              </Button>
              <Button onClick={() => takeOver.mutate([opened.id])}>Take it over</Button>
            </>
          )}
        </ThingReading>
      )}
    </section>
  );
}
