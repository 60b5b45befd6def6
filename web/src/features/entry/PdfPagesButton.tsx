import { useSuspenseQuery } from '@tanstack/react-query';
import { Button } from '../../ui';
import { useOpenBench } from '../scan';
import { pageQuery } from './queries';
import type { Shown } from './shown';

/** The way from a PDF on the page to a set of its pages. */
export function PdfPagesButton({ entry }: { entry: Shown }) {
  const page = useSuspenseQuery(pageQuery(entry.pageId)).data;
  const openBench = useOpenBench();
  const bench = { notebookId: page.notebookId, pageId: page.id, zone: entry.zone, pdf: entry.media?.id };
  return (
    <Button look="quiet" className="min-h-[24px]" onClick={() => openBench.mutate(bench)}>
      Its pages as pictures
    </Button>
  );
}
