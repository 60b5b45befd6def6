import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Heading } from '../../ui';
import { contentsQuery } from '../contents';
import { ExamCard } from './ExamCard';
import { FirstSyllabus } from './FirstSyllabus';
import { LastMoveCard } from './LastMoveCard';
import { MoveCard } from './MoveCard';
import { OwnPointsCard } from './OwnPointsCard';
import { movesQuery } from './queries';

/** The syllabus that a notebook is tied to and the exam that it is for; own points; and the way to another edition. */
export function EditionScreen() {
  const { notebook: id = '' } = useParams();
  const notebook = useSuspenseQuery(contentsQuery(id)).data.notebook;
  const last = useQuery(movesQuery(id)).data?.last;
  if (!notebook.hasSyllabus) return <FirstSyllabus notebook={notebook} />;
  return (
    <div className="max-w-4xl">
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-3">
        <Heading name="Syllabus and exam" className="text-[24px]" />
        <Link to={`/syllabi/${notebook.editionId}`} className="font-semibold text-petrol hover:underline">
          Read the whole syllabus
        </Link>
      </div>
      <div className="flex flex-col gap-3.5">
        {last && <LastMoveCard notebook={id} move={last} />}
        <ExamCard key={`exam ${notebook.editionId}`} notebook={notebook} />
        <OwnPointsCard notebook={id} />
        <MoveCard key={`move ${notebook.editionId}`} notebook={notebook} />
      </div>
    </div>
  );
}
