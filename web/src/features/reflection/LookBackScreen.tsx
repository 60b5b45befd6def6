import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, dayName, Empty, Heading, Trouble } from '../../ui';
import { EntryLook } from '../entry';
import { syllabusQuery } from '../syllabus';
import { MoreEntries } from './MoreEntries';
import { NO_ANSWER } from './mergeSheets';
import { PromptCard } from './PromptCard';
import { type Begun, lookBackQuery } from './queries';
import { useLookBack } from './useLookBack';
import { useMade } from './useMade';

/** Looking back on one piece of work: the piece beside the questions. */
export function LookBackScreen() {
  const { notebook = '', lookBack = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const begun: Begun = {
    entries: search.getAll('entry'),
    page: search.get('page') ?? undefined,
    version: search.get('version') ?? undefined,
    set: search.get('set') ?? undefined,
  };
  const view = useSuspenseQuery(lookBackQuery(notebook, lookBack, begun)).data;
  /** What it begins with stands in the address until it is written. */
  const begin = (name: 'set' | 'entry', values: string[]) =>
    setSearch(
      (now) => {
        now.delete(name);
        for (const value of values) now.append(name, value);
        return now;
      },
      { replace: true },
    );
  return (
    <OpenLookBack
      key={`${lookBack} ${begun.set} ${begun.entries}`}
      view={view}
      begun={begun}
      onBegin={begin}
    />
  );
}

type Props = {
  view: Api['LookBackView'];
  begun: Begun;
  onBegin: (name: 'set' | 'entry', values: string[]) => void;
};

function OpenLookBack({ view, begun, onBegin }: Props) {
  const { notebookId: notebook } = view;
  const go = useNavigate();
  const { sheet, answer, kept, trouble, remove } = useLookBack(view, begun);
  const made = useMade({
    notebook,
    title: `Looking back on ${view.title}`,
    home: view.home,
    work: view.drawn,
    ids: sheet.answers.flatMap((one) => one.made),
  });
  const topics = (useQuery(syllabusQuery(notebook)).data ?? []).filter((node) => node.kind === 'TOPIC');
  const [into, setInto] = useState(0);
  const work = new Map(view.drawn.map((one) => [one.id, one]));
  const page = view.piece[0]?.pageId;
  const isNew = view.version === 0 && sheet.answers.every((one) => !one.words && one.made.length === 0);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_400px]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-3">
          <Heading name={`Looking back on “${view.title}”`} className="mb-2 text-[24px]" />
          <output className="ml-auto text-[13px] text-soft" aria-live="polite">
            {kept}
          </output>
          {!isNew && (
            <Button
              look="quiet"
              onClick={async () => {
                await remove();
                go(`/n/${notebook}/reflections`);
              }}
            >
              Delete
            </Button>
          )}
        </div>
        <Trouble>{trouble}</Trouble>
        <Trouble>{made.trouble}</Trouble>
        {isNew && view.sets.length > 0 && (
          <label className="mb-3 flex flex-wrap items-center gap-2">
            Questions
            <select
              value={begun.set ?? ''}
              className="min-h-9 rounded-md border border-line bg-card px-2"
              onChange={(event) => onBegin('set', event.target.value ? [event.target.value] : [])}
            >
              <option value="">Four on a piece of work</option>
              {view.sets.map((set) => (
                <option key={set.id} value={set.id}>
                  {set.name}
                </option>
              ))}
            </select>
          </label>
        )}
        {view.prompts.map((prompt, i) => (
          <PromptCard
            key={prompt.question}
            notebook={notebook}
            number={i + 1}
            prompt={prompt}
            answer={sheet.answers[i] ?? NO_ANSWER}
            topics={topics}
            work={work}
            made={made}
            isInto={into === i}
            onInto={() => setInto(i)}
            onChange={(part) => answer(i, part)}
          />
        ))}
      </div>
      <Piece view={view}>
        {isNew && page && view.on.entries.length > 0 && (
          <MoreEntries
            page={page}
            chosen={view.on.entries}
            onChoose={(entries) => onBegin('entry', entries)}
          />
        )}
      </Piece>
    </div>
  );
}

/** What is looked back on, as it is now. */
function Piece({ view, children }: { view: Api['LookBackView']; children: ReactNode }) {
  const { notebookId, on, piece, title, day } = view;
  const page = on.page ?? piece[0]?.pageId;
  return (
    <Card title="The piece" className="xl:sticky xl:top-14 xl:max-h-[calc(100vh-80px)] xl:overflow-y-auto">
      {piece.length === 0 && (
        <Empty>“{title}” is in the bin, or is gone. What you wrote about it stays.</Empty>
      )}
      {piece.map((entry) => (
        <EntryLook key={entry.id} entry={entry} />
      ))}
      {children}
      <p className="mt-2 text-[13.5px] text-soft">Begun {dayName(day)}</p>
      {on.version ? (
        <Link to={`/versions/${on.version}`} className="font-semibold text-petrol hover:underline">
          The version as it was sealed
        </Link>
      ) : (
        page &&
        piece.length > 0 && (
          <Link
            to={`/n/${notebookId}/p/${page}${on.page ? '' : `?entry=${piece[0]?.id}`}`}
            className="font-semibold text-petrol hover:underline"
          >
            Its page
          </Link>
        )
      )}
    </Card>
  );
}
