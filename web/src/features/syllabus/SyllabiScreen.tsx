import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { Card, Empty, Heading } from '../../ui';
import { SyllabusFromText } from '../outline';
import { editionsQuery } from './queries';
import { SyllabusImport } from './SyllabusImport';

/** Every syllabus edition that one may use, and the way to bring one in. */
export function SyllabiScreen() {
  const editions = useSuspenseQuery(editionsQuery).data;
  const go = useNavigate();
  return (
    <div className="grid max-w-6xl grid-cols-[minmax(0,1fr)] items-start gap-3.5 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      <div>
        <Heading name="Syllabi" />
        <Card>
          {editions.length === 0 && <Empty>None yet. Bring one in from its document or from a file.</Empty>}
          <ul>
            {editions.map((edition) => (
              <li key={edition.id} className="border-b border-line/60 last:border-0">
                <Link
                  to={`/syllabi/${edition.id}`}
                  className="flex items-baseline gap-3 py-2 hover:text-petrol"
                >
                  <b className="w-16 shrink-0 text-petrol">{edition.code}</b>
                  <span className="flex-1">{edition.title}</span>
                  <span className="text-[13px] text-soft">{edition.isKept ? 'yours to keep' : ''}</span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
      </div>
      <div className="flex flex-col gap-3.5 lg:mt-[39px]">
        <SyllabusFromText onMade={(edition) => go(`/syllabi/${edition.id}`)} />
        <SyllabusImport onMade={(edition) => go(`/syllabi/${edition.id}`)} />
      </div>
    </div>
  );
}
