import { useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Card, countWords, plural, Trouble } from '../../ui';
import { NO_ANSWER, useKept } from '../reflection';
import { growthQuery } from './queries';

const QUESTION = 'What changed from then to now, and what did you do for it?';

/** What the student says about two pieces; with the first word the pair is kept as a piece of its own. */
export function PairWords({ beside: { earlier, later, kept } }: { beside: Api['BesideView'] }) {
  const queries = useQueryClient();
  const [id] = useState(() => kept?.id ?? newId());
  const field = useId();
  const both = { notebook: undefined, entries: [earlier.entry.id, later.entry.id] };
  const {
    sheet,
    answer,
    kept: isKept,
    trouble,
  } = useKept({
    place: `notchbook.pair.${earlier.entry.id}.${later.entry.id}`,
    opened: opened(kept),
    load: async () =>
      opened((await queries.fetchQuery({ ...growthQuery(both, {}), staleTime: 0 })).beside?.kept),
    send: ({ version, sheet: { answers } }) =>
      unwrap(
        api.PUT('/api/then-and-nows/{id}', {
          params: { path: { id } },
          body: {
            earlier: earlier.entry.id,
            later: later.entry.id,
            baseVersion: version,
            words: answers[0]?.words ?? '',
          },
        }),
      ),
    merge: (_, mine, theirs) => ({
      answers: [{ ...NO_ANSWER, words: `${theirs.answers[0]?.words}\n\n${mine.answers[0]?.words}` }],
    }),
    whole: (left) => left,
    onKept: () => queries.invalidateQueries({ queryKey: ['growth', 'kept'] }),
    onLeave: () => queries.invalidateQueries({ queryKey: ['growth'] }),
  });
  const words = sheet.answers[0]?.words ?? '';
  return (
    <Card className="mb-3">
      <div className="mb-1.5 flex flex-wrap items-baseline justify-between gap-x-3">
        <label htmlFor={field} className="font-head text-[16px] font-bold">
          {QUESTION}
        </label>
        <output className="text-[13px] text-soft" aria-live="polite">
          {isKept || (kept ? plural(countWords(words), 'word') : 'With your words, this pair is kept.')}
        </output>
      </div>
      <Trouble>{trouble}</Trouble>
      <textarea
        id={field}
        rows={3}
        maxLength={10_000}
        value={words}
        className="w-full resize-y rounded-md border border-line bg-card px-2.5 py-1.5"
        onChange={(event) => answer(0, () => ({ words: event.target.value }))}
      />
    </Card>
  );
}

const opened = (kept?: Api['ThenAndNowView']) => ({
  version: kept?.version ?? 0,
  questions: [QUESTION],
  sheet: { answers: [{ ...NO_ANSWER, words: kept?.words ?? '' }] },
});
