import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { Button, Card, Empty, Heading, plural, TableFiles } from '../../ui';
import { FileTrouble } from '../syllabus';
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
        <TableFiles
          label="CSV file of papers"
          href={`/api/notebooks/${notebook}/papers.csv`}
          onRead={acts.read}
        />
      </div>
      <FileTrouble error={acts.error} otherwise="Nothing was read." />
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
