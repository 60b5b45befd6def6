import { useQueries, useQuery } from '@tanstack/react-query';
import type { Api } from '../../api';
import { useNotebook } from '../contents';
import { editionQuery, editionsQuery, syllabusQuery } from '../syllabus';

/** The lines that things can help with: of the notebook at hand; where a teacher has none, of the syllabus that things are notched to already. */
export function useLines(cut: ReadonlySet<string>): { title: string; nodes: Api['NodeView'][] } | undefined {
  const notebook = useNotebook();
  const ofNotebook = useQuery({ ...syllabusQuery(notebook?.id ?? ''), enabled: !!notebook }).data;
  const editions = useQuery({ ...editionsQuery, enabled: !notebook }).data ?? [];
  const read = useQueries({ queries: editions.map(({ id }) => editionQuery(id)) }).flatMap(
    ({ data }) => data ?? [],
  );
  if (notebook) return ofNotebook && { title: notebook.title, nodes: ofNotebook };
  return read.find(({ nodes }) => nodes.some(({ id }) => cut.has(id))) ?? read[0];
}
