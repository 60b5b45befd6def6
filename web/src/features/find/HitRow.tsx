import { useEffect, useRef } from 'react';
import type { Api } from '../../api';
import { dayName, evidenceOf, Shape } from '../../ui';
import type { Hit } from './hits';

type Props = { id: string; hit: Hit; isMarked: boolean; onOpen: () => void };

/** One thing that was found: what it is, where the words stand in it, and where it lives. */
export function HitRow({ id, hit, isMarked, onOpen }: Props) {
  const ref = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isMarked) ref.current?.scrollIntoView({ block: 'nearest' });
  }, [isMarked]);
  return (
    <button
      ref={ref}
      id={id}
      type="button"
      role="option"
      tabIndex={-1}
      aria-selected={isMarked}
      className={`flex w-full items-baseline gap-3 rounded px-2 py-1.5 text-left ${isMarked ? 'bg-petrol-wash' : 'hover:bg-wash'}`}
      onClick={onOpen}
    >
      <Content hit={hit} />
    </button>
  );
}

/** What a student brought in is known by its name; what they wrote, by its words. */
const isBrought = (kind: Api['EntryHit']['kind']) => kind === 'FILE' || kind === 'LINK';

function Content({ hit }: { hit: Hit }) {
  if (hit.group === 'Points')
    return (
      <>
        <b className="w-11 shrink-0 text-petrol">{hit.point.code}</b>
        <span className="min-w-0 flex-1">{hit.point.statement}</span>
        <Where words={hit.point.notebook} />
      </>
    );
  if (hit.group === 'Pages and sections')
    return (
      <>
        <span className="min-w-0 flex-1 font-semibold">{hit.place.title}</span>
        <Where words={hit.place.where} />
      </>
    );
  if (hit.group === 'Teachers and what they said')
    return (
      <>
        <b className="shrink-0">{hit.person.name}</b>
        <span className="min-w-0 flex-1">
          <Excerpt parts={hit.person.said} />
        </span>
        <Where words={hit.person.where} />
      </>
    );
  return (
    <>
      <span className="w-4 shrink-0 self-start pt-1">
        <Shape kind={evidenceOf(hit.entry.kind)} />
      </span>
      <span className="min-w-0 flex-1">
        {isBrought(hit.entry.kind) && <b className="block truncate">{hit.entry.name}</b>}
        <Excerpt parts={hit.entry.excerpt} />
        <span className="block text-[13px] text-soft">
          {hit.entry.where} · {dayName(hit.entry.day)}
        </span>
      </span>
    </>
  );
}

const Where = ({ words }: { words: string }) => (
  <span className="max-w-[45%] truncate text-[13px] text-soft">{words}</span>
);

// An excerpt never changes, so a part is known by its place.
const Excerpt = ({ parts }: { parts: Api['Part'][] }) =>
  parts.map((part, i) =>
    part.isMatch ? <mark key={i.toString()}>{part.text}</mark> : <span key={i.toString()}>{part.text}</span>,
  );
