import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button, Card, dayName, Empty, Heading, plural } from '../../ui';
import { type Choice, choiceOf, choicesOf, isOpen, stateOf } from './choices';
import { FeedDialog } from './FeedDialog';
import { MarkBadge } from './MarkBadge';
import { MarkDialog } from './MarkDialog';
import { OwnMarksDialog } from './OwnMarksDialog';
import { placeOf } from './placeOf';
import { gatheredQuery, type Mark, ownMarksQuery, type Wish } from './queries';

type Gathered = Api['GatheredView'];

/** All marks of a notebook, or of all notebooks, under their topics; narrowed by kind, week and state. */
export function MarksScreen() {
  const { notebook } = useParams();
  const [search, setSearch] = useSearchParams();
  const [asking, setAsking] = useState<'own' | 'feed'>();
  const [open, setOpen] = useState<Gathered>();
  const choices = choicesOf(useQuery(ownMarksQuery).data ?? []);
  const wish = wishOf(search, notebook);
  const query = gatheredQuery(wish);
  const all = useQuery(gatheredQuery({ notebook })).data ?? [];
  const found = useQuery({ ...query, placeholderData: (before) => before }).data;
  const keep = useKeep(query.queryKey);
  const narrow = (name: string, value: string) =>
    setSearch(
      (now) => {
        if (value) now.set(name, value);
        else now.delete(name);
        return now;
      },
      { replace: true },
    );
  return (
    <div className="max-w-4xl">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <Heading name="Marks" className="text-[24px]" />
        <div className="flex flex-wrap gap-2">
          <Link
            to={notebook ? '/marks' : '/'}
            className="rounded-md px-2 py-1 font-semibold text-petrol hover:underline"
          >
            {notebook ? 'Of all notebooks' : 'This week'}
          </Link>
          <Button onClick={() => setAsking('own')}>Marks of my own</Button>
          <Button onClick={() => setAsking('feed')}>Tasks in my calendar</Button>
        </div>
      </div>
      <Narrowing all={all} choices={choices} search={search} narrow={narrow} />
      {found?.length === 0 && (
        <Card>
          <Empty>
            {all.length === 0
              ? 'No marks yet. Choose an entry on a page and press K for key, Q for an open question, T for a task.'
              : 'No mark is like that.'}
          </Empty>
        </Card>
      )}
      {groups(found ?? []).map(({ title, code, rows }) => (
        <Card
          key={title}
          title={`${code} ${title}`.trim()}
          aside={<span className="text-[13px] text-soft">{openWords(rows)}</span>}
          className="mb-3"
        >
          <ul>
            {rows.map((one) => (
              <Row
                key={one.mark.id}
                one={one}
                choice={choiceOf(one.mark, choices)}
                isOfAll={!notebook}
                onOpen={() => setOpen(one)}
                onTick={() => keep(one, { ...one.mark, isDone: !one.mark.isDone })}
              />
            ))}
          </ul>
        </Card>
      ))}
      {open && (
        <MarkDialog
          mark={(found?.find((one) => one.mark.id === open.mark.id) ?? open).mark}
          words={open.words}
          choices={choices}
          onChange={(mark) => keep(open, mark)}
          onRemove={() => keep(open, undefined)}
          onClose={() => setOpen(undefined)}
        />
      )}
      {asking === 'own' && <OwnMarksDialog onClose={() => setAsking(undefined)} />}
      {asking === 'feed' && <FeedDialog onClose={() => setAsking(undefined)} />}
    </div>
  );
}

const wishOf = (search: URLSearchParams, notebook: string | undefined): Wish => {
  const state = search.get('state');
  const kind = search.get('kind') ?? '';
  return {
    notebook,
    kind: kind && !kind.startsWith('own-') ? (kind as Mark['kind']) : undefined,
    own: kind.startsWith('own-') ? kind.slice('own-'.length) : undefined,
    topic: search.get('topic') ?? undefined,
    monday: search.get('week') ?? undefined,
    open: state ? state === 'open' : undefined,
  };
};

/** Changes a mark (or takes it off), here at once and on the server in its turn. */
function useKeep(key: readonly unknown[]) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  return (one: Gathered, mark: Mark | undefined) => {
    queries.setQueryData<Gathered[]>(key, (now) =>
      now?.flatMap((other) => {
        if (other.mark.id !== one.mark.id) return [other];
        return mark ? [{ ...other, mark }] : [];
      }),
    );
    const { id, on: _, ...body } = mark ?? one.mark;
    const { of: pageId, marks } = placeOf(one.where);
    const path = `${marks}/${id}`;
    outbox.act(mark ? { pageId, method: 'PUT', path, body } : { pageId, method: 'DELETE', path });
  };
}

/** Marks by their topic in the order of the syllabus; a mark of several topics stands under that of its section. */
function groups(found: Gathered[]) {
  const byTopic = new Map<string, { title: string; code: string; rows: Gathered[] }>();
  for (const one of found) {
    const topic = one.topics[0];
    const group = byTopic.get(topic?.id ?? '') ?? {
      title: topic?.title ?? 'No topic',
      code: topic?.code ?? '',
      rows: [],
    };
    group.rows.push(one);
    byTopic.set(topic?.id ?? '', group);
  }
  return [...byTopic.values()].sort((a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }));
}

const openWords = (rows: Gathered[]) => {
  const open = rows.filter((one) => isOpen(one.mark)).length;
  return open > 0 ? `${open} open` : plural(rows.length, 'mark');
};

function Narrowing({
  all,
  choices,
  search,
  narrow,
}: {
  all: Gathered[];
  choices: Choice[];
  search: URLSearchParams;
  narrow: (name: string, value: string) => void;
}) {
  const topics = new Map(all.flatMap((one) => one.topics).map((topic) => [topic.id, topic]));
  const weeks = new Map(all.map((one) => [one.monday, one.week ? `Week ${one.week}` : dayName(one.monday)]));
  const choice = (name: string, label: string, values: [string, string][]) => (
    <label className="text-[13px] text-soft">
      <span className="sr-only">{label}</span>
      <select
        value={search.get(name) ?? ''}
        onChange={(event) => narrow(name, event.target.value)}
        className="min-h-8 max-w-52 rounded-md border border-line bg-card px-2 text-[14px] text-ink"
      >
        <option value="">{label}</option>
        {values.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <div className="mb-3 flex flex-wrap gap-2">
      {choice(
        'kind',
        'Every kind',
        choices.map(({ kind, own, name }): [string, string] => [own ? `own-${own.id}` : kind, name]),
      )}
      {choice('state', 'Open or not', [
        ['open', 'Still open'],
        ['done', 'Answered or done'],
      ])}
      {choice(
        'topic',
        'Every topic',
        [...topics.values()]
          .sort((a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }))
          .map((topic): [string, string] => [topic.id, `${topic.code} ${topic.title}`]),
      )}
      {choice(
        'week',
        'Every week',
        [...weeks].sort(([a], [b]) => b.localeCompare(a)),
      )}
    </div>
  );
}

function Row({
  one,
  choice,
  isOfAll,
  onOpen,
  onTick,
}: {
  one: Gathered;
  choice: Choice;
  isOfAll: boolean;
  onOpen: () => void;
  onTick: () => void;
}) {
  const { mark } = one;
  const isSettled = stateOf(mark) !== '' && !isOpen(mark);
  const name = `${choice.name}${stateOf(mark) && `, ${stateOf(mark)}`}`;
  return (
    <li className="flex items-start gap-3 border-b border-line py-1.5 last:border-0">
      {mark.kind === 'TASK' ? (
        <input
          type="checkbox"
          aria-label={`Done: ${one.words}`}
          checked={mark.isDone}
          onChange={onTick}
          className="h-6 w-6 shrink-0 accent-petrol"
        />
      ) : (
        <button
          type="button"
          className="flex h-6 w-6 shrink-0 items-center justify-center"
          onClick={onOpen}
          aria-label={`${name}: ${one.words}`}
        >
          <MarkBadge choice={choice} isSettled={isSettled} />
        </button>
      )}
      <div className="min-w-0 flex-1">
        <Link
          to={placeOf(one.where).to}
          className={`line-clamp-2 hover:text-petrol ${isSettled ? 'text-soft' : ''}`}
        >
          {one.words}
        </Link>
        {mark.answer && <p className="text-[13.5px] text-moss">{mark.answer}</p>}
        {mark.answerEntry && (
          <Link to={`/e/${mark.answerEntry}`} className="text-[13.5px] text-moss hover:underline">
            Answered by an entry
          </Link>
        )}
        <p className="text-[13px] text-soft">
          {[isOfAll && one.where.notebook, one.where.name, one.week && `Week ${one.week}`]
            .filter(Boolean)
            .join(' · ')}
        </p>
      </div>
      <span className="flex shrink-0 items-center gap-2 text-[13px] text-soft">
        {mark.due && <b className={isOpen(mark) ? 'text-brass' : ''}>{dayName(mark.due)}</b>}
        {(mark.kind === 'QUESTION' || mark.kind === 'TASK') && (
          <Button look="quiet" className="min-h-[24px]" onClick={onOpen}>
            {mark.kind === 'TASK' ? 'Date' : isOpen(mark) ? 'Answer' : 'Change'}
          </Button>
        )}
      </span>
    </li>
  );
}
