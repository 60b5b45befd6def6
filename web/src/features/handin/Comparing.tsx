import { useQuery } from '@tanstack/react-query';
import { Fragment, type ReactNode, useState } from 'react';
import type { Api } from '../../api';
import { Button, Heading, moment, plural } from '../../ui';
import { RemarkCard, remarksOn } from '../remark';
import { becameOf } from './CarriedRemarks';
import { type EntrySide, isWorthShowing, pagesBeside, sideOf } from './comparison';
import { changesQuery, versionQuery } from './queries';
import { SealedContent } from './SealedContent';
import { SealedPage } from './SealedPages';
import { versionName } from './words';

type Version = Api['SealedView'];
type Entry = Api['SealedEntryView'];
type Changes = Api['ChangesView'];

type Props = {
  version: Version;
  /** The id of the older version. */
  since: string;
  onClose: () => void;
  /** What can be done meanwhile. */
  actions?: ReactNode;
};

/** Two versions beside each other, page by page: what went at the left, what came at the right. */
export function Comparing({ version, since, onClose, actions }: Props) {
  const before = useQuery(versionQuery(since)).data;
  const changes = useQuery(changesQuery(version.id, since)).data;
  const [isAll, setAll] = useState(false);
  if (!before || !changes) return <p className="text-soft">Comparing…</p>;
  const pages = pagesBeside(before, version).filter(
    ({ old, now }) =>
      isAll ||
      [...(old?.entries ?? []), ...(now?.entries ?? [])].some((one) => isWorthShowing(one.id, changes)),
  );
  const shown = (page: Api['SealedPageView']) =>
    isAll ? page : { ...page, entries: page.entries.filter((one) => isWorthShowing(one.id, changes)) };
  return (
    <div className="min-w-0">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <Heading
          name={`${version.student} · ${versionName(before).toLowerCase()} and ${versionName(version).toLowerCase()}`}
          className="text-[20px]"
        />
        <p className="text-soft">{summaryOf(changes)}</p>
        <Button hotkey="C" className="ml-auto" onClick={onClose}>
          Back to {versionName(version).toLowerCase()}
        </Button>
      </div>
      <label className="mb-2 flex min-h-[28px] items-center gap-2">
        <input
          type="checkbox"
          className="size-[20px] accent-petrol"
          checked={isAll}
          onChange={(event) => setAll(event.target.checked)}
        />
        Show what stayed as well
      </label>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_auto]">
        <div className="grid gap-x-3 md:grid-cols-2">
          <ColumnHead version={before} />
          <ColumnHead version={version} />
          {pages.map(({ id, old, now }) => (
            <Fragment key={id}>
              <Side page={old && shown(old)} changes={changes} side="before" remarks={before.remarks} />
              <Side page={now && shown(now)} changes={changes} side="after" remarks={version.remarks} />
            </Fragment>
          ))}
        </div>
        {actions && <div className="xl:sticky xl:top-14 xl:w-[250px]">{actions}</div>}
      </div>
      {pages.length === 0 && <p>Nothing changed between the two.</p>}
    </div>
  );
}

/** How many things changed, and what became of the remarks, in a line. */
export function summaryOf({ count, carried }: Changes): string {
  const open = carried.filter((one) => !one.isTouched && !one.remark.answer).length;
  const things = count === 0 ? 'Nothing changed' : `${plural(count, 'thing')} changed`;
  if (carried.length === 0) return things;
  return `${things} · ${open === 0 ? 'something was done about every remark' : `nothing yet about ${plural(open, 'remark')}`}`;
}

function ColumnHead({ version }: { version: Version }) {
  return (
    <h2 className="hidden pb-1 text-[15px] md:block">
      {versionName(version)}, {moment(version.sealedAt)}
    </h2>
  );
}

const EDGES: Record<EntrySide['sign'], string> = {
  gone: 'border-l-4 border-rust pl-3',
  come: 'border-l-4 border-moss pl-3',
  moved: 'border-l-4 border-brass pl-3',
  same: '',
};

type SideProps = {
  page?: Api['SealedPageView'];
  changes: Changes;
  side: 'before' | 'after';
  remarks: readonly Api['RemarkView'][];
};

function Side({ page, changes, side, remarks }: SideProps) {
  if (!page || page.entries.length === 0)
    return (
      <div className="mb-3 hidden rounded-md bg-card px-5 py-4 text-soft md:block">Not in this version.</div>
    );
  const entry = (_: unknown, one: Entry) => {
    const { sign, words, looks, changed } = sideOf(one, changes, side);
    const carried = side === 'after' ? changes.carried.filter((each) => each.anchor?.entry === one.id) : [];
    return (
      <div className={EDGES[sign]}>
        {words && <p className="text-[13px] font-semibold">{words}</p>}
        <SealedContent entry={one} remarks={remarksOn(remarks, one.id)} looks={looks} changed={changed} />
        <p className="mt-0.5 text-[13px] text-soft">{one.caption}</p>
        <div className="grid gap-1">
          {remarksOn(remarks, one.id).map((remark) => (
            <RemarkCard key={remark.id} remark={remark} />
          ))}
          {carried.map((each) => (
            <p key={each.remark.id} className="border-l-[3px] border-line bg-wash px-2.5 py-1 text-[13.5px]">
              <b className="text-soft">{each.remark.number}</b> {becameOf(each)}
            </p>
          ))}
        </div>
      </div>
    );
  };
  return (
    <div className="mb-3 min-w-0 rounded-md bg-card px-5 py-4">
      <p className="text-[13px] text-soft md:hidden">{side === 'before' ? 'Before' : 'Now'}</p>
      <SealedPage page={page} entry={entry} isNarrow />
    </div>
  );
}
