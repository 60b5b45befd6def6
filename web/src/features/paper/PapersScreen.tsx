import { useSuspenseQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { Problem } from '../../api';
import { Button, Card, Empty, Heading, plural, Trouble } from '../../ui';
import { Breaches, breachesOf } from '../syllabus';
import { PaperDialog } from './PaperDialog';
import { PaperTable } from './PaperTable';
import { gridOf, type Paper } from './paperGrid';
import { papersQuery } from './queries';
import { RunDialog } from './RunDialog';
import { TrendList } from './TrendList';
import { usePaperActs } from './usePaperActs';

/** Past papers: which are done and with what marks, which are not, and how each topic does from paper to paper. */
export function PapersScreen() {
  const { notebook = '' } = useParams();
  const { papers, trends } = useSuspenseQuery(papersQuery(notebook)).data;
  const [open, setOpen] = useState<Paper>();
  const [isRun, setRun] = useState(false);
  const acts = usePaperActs(notebook);
  const file = useRef<HTMLInputElement>(null);
  const done = papers.filter((paper) => paper.done).length;
  const one = (): Paper => ({
    id: newId(),
    name: 'A paper of my own',
    sitting: 'Practice',
    variant: '',
    paper: String(papers.length + 1),
  });
  return (
    <div className="max-w-[1040px]">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <Heading name="Past papers" className="text-[24px]" />
        <span className="flex-1 text-soft">
          {papers.length > 0 && `${done} of ${plural(papers.length, 'paper')} done`}
        </span>
        <Button onClick={() => setRun(true)}>A run of years</Button>
        <Button onClick={() => setOpen(one())}>One paper</Button>
        <Button look="quiet" onClick={() => file.current?.click()}>
          Read CSV
        </Button>
        <a
          className="font-semibold text-petrol hover:underline"
          href={`/api/notebooks/${notebook}/papers.csv`}
          download
        >
          Save as CSV
        </a>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          className="hidden"
          aria-label="CSV file of papers"
          onChange={(event) => event.target.files?.[0] && acts.read(event.target.files[0])}
        />
      </div>
      {acts.error instanceof Problem ? (
        <Breaches lines={breachesOf(acts.error)} summary={`${acts.error.message} Nothing was read.`} />
      ) : (
        <Trouble>{acts.error?.message}</Trouble>
      )}
      {papers.length === 0 ? (
        <Card>
          <Empty>
            No papers yet. “A run of years” puts a whole list here in one step; then each paper that you do
            counts for its topics in <Link to={`/n/${notebook}/coverage`}>coverage</Link>.
          </Empty>
        </Card>
      ) : (
        <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3.5 xl:grid-cols-[minmax(0,1fr)_380px]">
          <PaperTable grid={gridOf(papers)} onOpen={setOpen} />
          <TrendList trends={trends} notebook={notebook} />
        </div>
      )}
      {open && <PaperDialog notebook={notebook} paper={open} onClose={() => setOpen(undefined)} />}
      {isRun && <RunDialog notebook={notebook} onClose={() => setRun(false)} />}
    </div>
  );
}
