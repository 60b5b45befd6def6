import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap } from '../../api';
import { Trouble } from '../../ui';

/** The board's own document of an edition, as a file; whoever keeps the edition can put one there. */
export function OfficialDocument({ edition }: { edition: Api['EditionView'] }) {
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const keep = useMutation({
    mutationFn: async (file: File) => {
      const mediaId = newId();
      await sendFile({ id: mediaId, blob: file, name: file.name });
      return unwrap(
        api.PUT('/api/editions/{id}/document', { params: { path: { id: edition.id } }, body: { mediaId } }),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['edition', edition.id] }),
  });
  return (
    <>
      {edition.documentId && (
        <a className="font-semibold text-petrol hover:underline" href={`/api/media/${edition.documentId}`}>
          The official document
        </a>
      )}
      {edition.isKept && (
        <>
          <button
            type="button"
            className="min-h-6 font-semibold text-petrol hover:underline"
            onClick={() => input.current?.click()}
          >
            {edition.documentId ? 'Put another in its place' : 'Add the official document'}
          </button>
          <input
            ref={input}
            type="file"
            className="hidden"
            aria-label="The official document"
            onChange={(event) => event.target.files?.[0] && keep.mutate(event.target.files[0])}
          />
        </>
      )}
      <Trouble>{keep.error?.message}</Trouble>
    </>
  );
}
