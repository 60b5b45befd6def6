import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Trouble } from '../../ui';
import { Way } from './Way';

type Props = {
  setWork: Api['SetWorkView'];
  contents: Pick<Api['ContentsView'], 'notebook' | 'pages'>;
  /** The section of its topic. */
  section: string;
};

/** A page for what is asked, on the pattern that was given with it; once it is there, the way to it. */
export function BeginPage({ setWork: { title, asked }, contents, section }: Props) {
  const go = useNavigate();
  const queries = useQueryClient();
  const notebook = contents.notebook.id;
  const begun = contents.pages.find((page) => page.sectionId === section && page.title === title);
  const begin = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/pages/{id}', {
          params: { path: { id: newId() } },
          body: { sectionId: section, title, pattern: asked.pattern },
        }),
      ),
    onSuccess: (page) => {
      queries.invalidateQueries({ queryKey: ['contents', notebook] });
      go(`/n/${notebook}/p/${page.id}`);
    },
  });
  if (begun) return <Way to={`/n/${notebook}/p/${begun.id}`}>Go on with its page</Way>;
  return (
    <>
      <Button className="mt-2" disabled={begin.isPending} onClick={() => begin.mutate()}>
        Begin a page for it
      </Button>
      <Trouble>{begin.error?.message}</Trouble>
    </>
  );
}
