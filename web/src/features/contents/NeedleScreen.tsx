import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import {
  Button,
  dayName,
  Empty,
  type EvidenceKind,
  evidenceOf,
  fileSize,
  Heading,
  length,
  plural,
  Shape,
} from '../../ui';
import { KeepInCollection, keptEntry } from '../collection';
import { addressOf, fileName, NotchPicker } from '../entry';
import { type InkDrawing, InkView } from '../ink';
import { rulerQuery } from '../shell/queries';
import { syllabusQuery } from '../syllabus';
import { documentText } from '../text';
import { SoundPlayer, takeOf } from '../voice';
import { NeedleFilter } from './NeedleFilter';
import { type NeedleWish, needleQuery } from './queries';

/** The needle: choose points, and every entry notched there falls out in order of time. */
export function NeedleScreen() {
  const { notebook = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const nodes = search.getAll('nodes');
  const [isChoosing, setChoosing] = useState(nodes.length === 0);
  const points = (useQuery(syllabusQuery(notebook)).data ?? []).filter((node) => node.kind !== 'UNIT');
  const ruler = useQuery(rulerQuery).data;
  const wish = wishOf(search);
  const found = useQuery({ ...needleQuery(notebook, wish), placeholderData: (before) => before }).data ?? [];
  const put = (name: string, values: string[]) =>
    setSearch((now) => {
      now.delete(name);
      for (const value of values) now.append(name, value);
      return now;
    });
  const toggle = (node: string) => put('nodes', toggled(nodes, node));
  return (
    <div className="max-w-4xl 2xl:max-w-7xl">
      <Heading
        name={nodes.length === 0 ? 'Needle' : `${plural(found.length, 'entry', 'entries')} fell out`}
        className="mb-2 text-[24px]"
      />
      <div className="mb-4 flex flex-wrap items-center gap-2">
        {points
          .filter((point) => nodes.includes(point.id))
          .map((point) => (
            <button
              key={point.id}
              type="button"
              className="rounded-md border border-petrol bg-petrol-wash px-2.5 py-1"
              onClick={() => toggle(point.id)}
            >
              <span className="sr-only">Take off the needle: </span>
              <b className="text-petrol">{point.code}</b> {point.title} <span aria-hidden="true">×</span>
            </button>
          ))}
        <Button onClick={() => setChoosing(true)}>
          {nodes.length === 0 ? 'Choose a point' : 'Add a point'}
        </Button>
        {nodes.length > 0 && (
          <NeedleFilter wish={wish} weeks={ruler?.weeks ?? []} monday={search.get('week') ?? ''} put={put} />
        )}
      </div>
      {nodes.length === 0 && (
        <Empty>
          Pick one point or more. Everything you notched there, in any section, comes out in order of time.
        </Empty>
      )}
      {nodes.length > 0 && found.length === 0 && (
        <Empty>
          {isNarrowed(wish) ? 'Nothing that is notched there is like that.' : 'Nothing is notched there yet.'}
        </Empty>
      )}
      {found.length > 0 && (
        <div className="mb-2">
          <KeepInCollection
            things={found.map(({ entry, name }) => keptEntry(entry.id, name))}
            name={`Keep ${found.length === 1 ? 'it' : `these ${found.length}`} in a collection`}
          />
        </div>
      )}
      <ol className="grid grid-cols-[minmax(0,1fr)] gap-3 sm:grid-cols-2 2xl:grid-cols-3">
        {found.map((one) => (
          <li key={one.entry.id}>
            <FoundEntry found={one} notebook={notebook} />
          </li>
        ))}
      </ol>
      {isChoosing && (
        <NotchPicker
          title="Which points?"
          points={points}
          cut={new Set(nodes)}
          hint=""
          onToggle={toggle}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
}

const toggled = (all: string[], one: string) =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];

const isNarrowed = ({ all, kinds, from }: NeedleWish) => all || kinds.length > 0 || !!from;

/** What the address asks for. */
function wishOf(search: URLSearchParams): NeedleWish {
  const monday = search.get('week');
  return {
    nodes: search.getAll('nodes'),
    all: search.has('all'),
    kinds: search.getAll('kinds') as EvidenceKind[],
    from: monday ?? undefined,
    to: monday ? sundayOf(monday) : undefined,
  };
}

function sundayOf(monday: string): string {
  const day = new Date(`${monday}T00:00:00Z`);
  day.setUTCDate(day.getUTCDate() + 6);
  return day.toISOString().slice(0, 10);
}

/** What was lifted out, with the page it lives on: recognisable by its words, its picture whole, its sound. */
function FoundEntry({ found, notebook }: { found: Api['FoundView']; notebook: string }) {
  const { entry } = found;
  return (
    <article className="h-full rounded-lg bg-card p-3.5 shadow-[0_1px_2px_rgb(23_38_45/8%)]">
      <Link to={`/n/${notebook}/p/${entry.pageId}?entry=${entry.id}`} className="group block">
        <span className="flex items-center gap-2 font-semibold group-hover:text-petrol">
          <Shape kind={evidenceOf(entry.kind)} />
          <span className="min-w-0 flex-1 truncate">{found.name}</span>
        </span>
        <span className="block text-[13px] text-soft">
          {found.week ? `Week ${found.week}, ` : ''}
          {dayName(found.day)} · {found.section} · {found.page}
        </span>
      </Link>
      <div className="mt-2">
        <FoundLook entry={entry} />
      </div>
    </article>
  );
}

const WHOLE = 'max-h-56 w-full rounded bg-wash object-contain';

function FoundLook({ entry }: { entry: Api['EntryView'] }) {
  const { media } = entry;
  if (entry.kind === 'TYPED')
    return <p className="line-clamp-5 whitespace-pre-line">{documentText(entry.content)}</p>;
  if (entry.kind === 'INK') return <InkView drawing={entry.content as InkDrawing} title={entry.caption} />;
  if (entry.kind === 'LINK')
    return <p className="text-soft">{entry.card?.title || addressOf(entry.content)}</p>;
  if (!media) return null;
  if (entry.kind === 'PHOTO')
    return <img src={`/api/media/${media.id}/screen`} alt={entry.caption} loading="lazy" className={WHOLE} />;
  if (entry.kind === 'RECORDING')
    return (
      <SoundPlayer id={entry.id} media={media} content={entry.content} name={entry.caption || 'Recording'} />
    );
  if (entry.kind === 'CLIP')
    return (
      <>
        <img
          src={`/api/media/${media.id}/still?at=${takeOf(entry.content).poster ?? 0}`}
          alt={entry.caption || 'Clip'}
          loading="lazy"
          className={WHOLE}
        />
        <p className="text-soft">{length(media.seconds ?? 0)} long</p>
      </>
    );
  return (
    <p className="text-soft">
      {fileName(entry.content)}, {fileSize(media.bytes)}
    </p>
  );
}
