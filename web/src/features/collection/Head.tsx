import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button, Card, Heading, Menu, MenuItem, offerUndo, plural } from '../../ui';
import { SaveCopies } from '../copy';
import { FilesOut } from '../gather';
import { ShowToClass } from '../noticeboard';
import { GiveLink } from '../reading';
import { ShowTo, useSeenBy } from '../show';
import { ReferenceList } from '../source';
import { useActs } from '../view';
import { Cover } from './Cover';
import { CoverDialog } from './CoverDialog';
import { HelpsWith } from './HelpsWith';
import { collectionsQuery } from './queries';
import { toggled } from './toggled';
import type { Lines } from './useLines';

type Props = { collection: Api['CollectionView']; lines: readonly Lines[]; children: ReactNode };

/** What a collection is called and what it is for, both to be changed in place. */
export function Head({ collection, lines, children }: Props) {
  const { id, title, purpose, home } = collection;
  const [isCovering, setCovering] = useState(false);
  const [isOut, setOut] = useState(false);
  const queries = useQueryClient();
  const go = useNavigate();
  const seenBy = useSeenBy(id);
  const { state } = useOutbox();
  const [isListing, setListing] = useState(false);
  const { act } = useActs(id);
  const path = `/api/collections/${id}`;
  const keep = (body: { title: string; purpose: string }) =>
    void act({ method: 'PUT', path, body, show: (now) => ({ ...now, ...body }) });
  const notch = (line: string, isCut: boolean) =>
    void act({
      method: isCut ? 'DELETE' : 'PUT',
      path: `${path}/notches/${line}`,
      show: (now) => ({ ...now, notches: toggled(now.notches, line, isCut) }),
    });
  const drop = async () => {
    const before = queries.getQueryData(collectionsQuery.queryKey);
    await act({ method: 'DELETE', path });
    queries.setQueryData(collectionsQuery.queryKey, (now) => now?.filter((one) => one.id !== id));
    go('/collections');
    offerUndo(`“${title}” is in the bin`, async () => {
      await act({ method: 'POST', path: `/api/collections/bin/${id}/restore` });
      queries.setQueryData(collectionsQuery.queryKey, before);
    });
  };
  return (
    <>
      <div className="mb-2 flex flex-wrap items-start justify-between gap-3">
        <button
          type="button"
          aria-label="Choose the cover"
          className="rounded-md hover:outline-2 hover:outline-petrol"
          onClick={() => setCovering(true)}
        >
          <Cover coverId={collection.coverId} kinds={kindsIn(collection)} className="size-16" />
        </button>
        <div className="min-w-52 flex-1">
          <Heading name={title} className="text-[24px]">
            <textarea
              key={title}
              aria-label="Name of the collection"
              defaultValue={title}
              rows={1}
              maxLength={120}
              className="block field-sizing-content w-full resize-none bg-transparent leading-tight"
              onBlur={({ target: { value } }) =>
                value.trim() && value !== title && keep({ title: value, purpose })
              }
            />
          </Heading>
          <p className="flex flex-wrap items-baseline gap-x-1.5 text-soft">
            <input
              key={purpose}
              aria-label="What it is for"
              placeholder="What is it for?"
              defaultValue={purpose}
              maxLength={300}
              className="field-sizing-content min-h-7 min-w-40 max-w-full bg-transparent text-ink placeholder:text-soft"
              onBlur={({ target: { value } }) => value !== purpose && keep({ title, purpose: value })}
            />
            <span>
              · {children} · {seenBy}
              {state.isOffline && state.acts > 0 && ` · ${plural(state.acts, 'change')} on this device only`}
            </span>
            <HelpsWith
              of="all of the collection"
              notches={collection.notches}
              lines={lines}
              onNotch={notch}
            />
          </p>
        </div>
        <Button onClick={() => setOut(!isOut)} aria-expanded={isOut}>
          Show or save it
        </Button>
        <Menu name="More" label="More to do with the collection">
          <MenuItem onSelect={() => void drop()}>Delete the collection</MenuItem>
        </Menu>
      </div>
      {isOut && (
        <Card title="Show or save it" className="mb-3">
          <div className="flex flex-wrap items-start gap-x-6 gap-y-3">
            <ShowTo collection={id} />
            <div className="flex flex-wrap items-start gap-2">
              {home && (
                <Link
                  to={`/n/${home}/hand-in?collection=${id}`}
                  className="rounded-md border border-line px-3 py-1 font-semibold hover:border-petrol"
                >
                  Hand it in
                </Link>
              )}
              <ShowToClass name="Show it on the noticeboard" source={{ collectionId: id }} />
              <GiveLink kind="COLLECTION" of={id} title={title} />
              <Button onClick={() => setListing(true)}>References</Button>
            </div>
            <SaveCopies kind="COLLECTION" of={id} />
            <FilesOut collection={id} />
          </div>
        </Card>
      )}
      {isCovering && <CoverDialog collection={collection} onClose={() => setCovering(false)} />}
      {isListing && <ReferenceList collection={id} onClose={() => setListing(false)} />}
    </>
  );
}

/** The kinds of its things, the most frequent first. */
function kindsIn({ items }: Api['CollectionView']): Api['ItemView']['kind'][] {
  const counts = new Map<Api['ItemView']['kind'], number>();
  for (const { kind } of items) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts].sort(([, one], [, other]) => other - one).map(([kind]) => kind);
}
