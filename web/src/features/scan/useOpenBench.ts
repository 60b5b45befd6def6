import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';

type For = {
  notebookId: string;
  pageId: string;
  zone?: string;
  entryId?: string;
  /** A PDF whose pages go onto it. */
  pdf?: string;
};

/** Sets a bench up for a page, or for a photo entry to be worked on again, and goes there. */
export function useOpenBench() {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: async ({ notebookId, pdf, ...body }: For) => {
      const id = newId();
      await unwrap(api.PUT('/api/scans/{id}', { params: { path: { id } }, body }));
      return `/n/${notebookId}/p/${body.pageId}/scan/${id}${pdf ? `?pdf=${pdf}` : ''}`;
    },
    onSuccess: (path) => navigate(path),
  });
}
