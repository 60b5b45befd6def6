import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Dialog, plural, TextField, Trouble } from '../../ui';
import { pageRange } from './pageRange';

/** More than this are chosen by hand: a whole book is seldom meant. */
const ALL_UP_TO = 20;

type Props = { scan: string; fileId: string; onLaid: (scan: Api['ScanView']) => void; onClose: () => void };

/** Which pages of a PDF go onto the bench; a page that can't be drawn is named, and the others go on. */
export function PdfDialog({ scan, fileId, onLaid, onClose }: Props) {
  const pdf = useQuery({
    queryKey: ['pdf-pages', fileId],
    queryFn: () => unwrap(api.GET('/api/media/{id}/pdf-pages', { params: { path: { id: fileId } } })),
    retry: false,
  });
  const most = pdf.data?.pages ?? 0;
  const [typed, setTyped] = useState<string>();
  const [at, setAt] = useState(0);
  const wished = typed ?? (most > 1 ? `1-${Math.min(most, ALL_UP_TO)}` : '1');
  const pages = pageRange(wished, most);
  const lay = useMutation({
    mutationFn: async (all: number[]) => {
      const troubles: string[] = [];
      for (const [i, page] of all.entries()) {
        setAt(i + 1);
        const path = { id: scan, shot: newId() };
        try {
          const body = { fileId, page };
          onLaid(await unwrap(api.PUT('/api/scans/{id}/pdf-pages/{shot}', { params: { path }, body })));
        } catch (error) {
          troubles.push(`Page ${page}: ${(error as Error).message}`);
        }
      }
      return troubles;
    },
    onSuccess: (troubles) => troubles.length === 0 && onClose(),
  });
  return (
    <Dialog title={pdf.data?.name ?? 'PDF'} onClose={onClose}>
      <Trouble>{pdf.error?.message}</Trouble>
      {pdf.isPending && <p role="status">Counting its pages…</p>}
      {pdf.data && (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (pages) lay.mutate(pages);
          }}
        >
          <p className="mb-3">
            It has {plural(most, 'page')}. Each one that you choose becomes a page of the set.
          </p>
          <TextField
            label="Pages"
            value={wished}
            hint="For example 1-3, 7"
            onChange={(event) => setTyped(event.target.value)}
          />
          {lay.data?.map((trouble) => (
            <Trouble key={trouble}>{trouble}</Trouble>
          ))}
          <Button look="act" type="submit" disabled={!pages || lay.isPending}>
            {lay.isPending
              ? `Page ${at} of ${pages?.length ?? 0} …`
              : pages
                ? `Lay ${plural(pages.length, 'page')} on the bench`
                : `Pages from 1 to ${most}, please`}
          </Button>
        </form>
      )}
    </Dialog>
  );
}
