import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Heading, Trouble } from '../../ui';
import { type Syllabus, SyllabusWays } from '../begin';
import { editionsQuery } from '../syllabus';
import { useFollowing } from './useFollowing';

/** The syllabus of a notebook that began without one; what was made until then is offered its points. */
export function FirstSyllabus({ notebook }: { notebook: Api['NotebookView'] }) {
  const editions = useSuspenseQuery(editionsQuery).data;
  const go = useNavigate();
  const follow = useFollowing(notebook.id);
  const tie = useMutation({
    mutationFn: (syllabus: Syllabus) => {
      if (syllabus === 'none') return Promise.resolve({});
      const { examYear, tier } = notebook;
      return unwrap(
        api.PUT('/api/notebooks/{id}/moves/{move}', {
          params: { path: { id: notebook.id, move: newId() } },
          body: { editionId: syllabus.id, examYear, tier },
        }),
      );
    },
    onSuccess: async () => {
      await follow();
      go(`/n/${notebook.id}/unfiled`);
    },
  });
  return (
    <div className="max-w-4xl">
      <Heading name="The syllabus of this notebook" className="mb-1 text-[24px]" />
      <p className="mb-3 text-soft">
        Your sections and pages stay as they are. Each piece of work is then offered points by its words.
      </p>
      <Trouble>{tie.error?.message}</Trouble>
      <SyllabusWays editions={editions} onChoose={(chosen) => tie.mutate(chosen)} mayBeNone={false} />
    </div>
  );
}
