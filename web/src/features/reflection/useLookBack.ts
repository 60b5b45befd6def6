import { useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import { type Answer, mergeAnswerLists } from './mergeSheets';
import { type Begun, lookBackQuery } from './queries';
import { useKept, type Version } from './useKept';

type View = Api['LookBackView'];
type Answers = { answers: Answer[] };

const fromView = (view: View): Version<Answers> => ({
  version: view.version,
  questions: view.prompts.map((prompt) => prompt.question),
  sheet: { answers: view.answers },
});

/** What is written looking back on one piece, while it is written. */
export function useLookBack(view: View, begun: Begun) {
  const queries = useQueryClient();
  const { id, notebookId: notebook } = view;
  const query = lookBackQuery(notebook, id, begun);
  const refresh = () => {
    for (const key of ['look-backs', 'coverage']) queries.invalidateQueries({ queryKey: [key] });
  };
  const kept = useKept<Answers>({
    place: `notchbook.look-back.${id}`,
    opened: fromView(view),
    load: async () => fromView(await queries.fetchQuery({ ...query, staleTime: 0 })),
    send: ({ version, questions, sheet }) =>
      unwrap(
        api.PUT('/api/notebooks/{notebook}/look-backs/{id}', {
          params: { path: { notebook, id } },
          body: {
            on: view.on,
            setId: begun.set,
            baseVersion: version,
            questions,
            answers: sheet.answers,
          },
        }),
      ),
    merge: (base, mine, theirs) => ({
      answers: mergeAnswerLists(base.answers, mine.answers, theirs.answers),
    }),
    whole: (left) => left,
    onKept: refresh,
    onLeave: () => queries.removeQueries({ queryKey: query.queryKey }),
  });
  const at = { params: { path: { id } } };
  const remove = async () => {
    await unwrap(api.DELETE('/api/look-backs/{id}', at));
    refresh();
    offerUndo(`Deleted what you wrote on “${view.title}”`, async () => {
      await unwrap(api.POST('/api/look-backs/{id}/restore', at));
      refresh();
    });
  };
  return { ...kept, remove };
}
