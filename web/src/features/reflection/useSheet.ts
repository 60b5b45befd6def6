import { useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { type Answer, mergeSheets, NO_ANSWER, type Resolve, type Sheet } from './mergeSheets';
import { sheetQuery } from './queries';
import { useKept, type Version } from './useKept';

const fromView = (view: Api['SheetView']): Version<Sheet> => ({
  version: view.version,
  questions: view.prompts.map((prompt) => prompt.question),
  sheet: {
    answers: view.answers,
    ratings: Object.fromEntries(
      view.ratings.flatMap((one) => (one.value === undefined ? [] : [[one.topic, one.value]])),
    ),
    resolve: view.resolve,
    letGo: view.letGo,
  },
});

/** The sheet of a week while it is written. */
export function useSheet(notebook: string, view: Api['SheetView']) {
  const queries = useQueryClient();
  const query = sheetQuery(notebook, view.week);
  const path = { params: { path: { id: notebook, week: view.week } } };
  const kept = useKept<Sheet>({
    place: `notchbook.sheet.${notebook}.${view.week}`,
    opened: fromView(view),
    load: async () => fromView(await queries.fetchQuery({ ...query, staleTime: 0 })),
    send: ({ version, questions, sheet }) =>
      unwrap(
        api.PUT('/api/notebooks/{id}/reflections/{week}', {
          ...path,
          body: { baseVersion: version, questions, ...sheet },
        }),
      ),
    merge: mergeSheets,
    // Its answers were words alone once, and it had no intentions.
    whole: (left) => ({
      ...left,
      answers: left.answers.map((one: Answer | string) =>
        typeof one === 'string' ? { ...NO_ANSWER, words: one } : one,
      ),
      resolve: left.resolve ?? view.resolve,
      letGo: left.letGo ?? '',
    }),
    onKept: () => {
      for (const key of ['sheets', 'coverage']) queries.invalidateQueries({ queryKey: [key, notebook] });
    },
    // The next visit asks the server what is there by then.
    onLeave: () => queries.removeQueries({ queryKey: query.queryKey }),
  });
  const { change } = kept;
  return {
    ...kept,
    change: (part: Partial<Sheet>) => change(() => part),
    resolve: (part: Partial<Resolve>) => change((now) => ({ resolve: { ...now.resolve, ...part } })),
  };
}
