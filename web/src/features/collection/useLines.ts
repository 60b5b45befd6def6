import { useQueries, useQuery } from '@tanstack/react-query';
import type { Api } from '../../api';
import { notebooksQuery, useNotebook } from '../contents';
import { editionQuery, editionsQuery, syllabusQuery } from '../syllabus';

/** The lines of a syllabus that things can help with, under the name of the notebook (for a teacher, of the edition). */
export type Lines = { id: string; title: string; nodes: Api['NodeView'][] };

/** The lines of all of one's notebooks, of the one at hand first; where a teacher has none, of all the school's syllabuses. */
export function useLines(): Lines[] {
  const atHand = useNotebook();
  const notebooks = useQuery(notebooksQuery).data ?? [];
  const inOrder = [...notebooks].sort((a, b) => Number(b.id === atHand?.id) - Number(a.id === atHand?.id));
  const editions = useQuery({ ...editionsQuery, enabled: !atHand }).data ?? [];
  const own = useQueries({
    queries: inOrder.map(({ id }) => syllabusQuery(id)),
    combine: (read) => read.map(({ data }) => data),
  });
  const read = useQueries({
    queries: atHand ? [] : editions.map(({ id }) => editionQuery(id)),
    combine: (all) => all.flatMap(({ data }) => data ?? []),
  });
  return atHand ? oncePerSyllabus(inOrder, own) : read;
}

/** Two notebooks of one syllabus have the same lines: they stand under the first. */
function oncePerSyllabus(
  notebooks: readonly Api['NotebookView'][],
  nodes: readonly (Api['NodeView'][] | undefined)[],
): Lines[] {
  const seen = new Set<string>();
  return notebooks.flatMap(({ id, title }, i) => {
    const [first, ...others] = nodes[i] ?? [];
    if (!first || seen.has(first.id)) return [];
    seen.add(first.id);
    return [{ id, title, nodes: [first, ...others] }];
  });
}
