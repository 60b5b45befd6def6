import { useSuspenseQuery } from '@tanstack/react-query';
import { memo, useDeferredValue } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, Empty, Heading, useFollow } from '../../ui';
import { useMe } from '../people';
import { dueTime } from '../setwork';
import { overviewQuery } from './queries';
import { byListName, listName, STATE_WORDS } from './words';

type Cell = Api['OverviewCell'];

/** Every student against all set work: who is in, who is not, and what waits. */
export function OverviewScreen() {
  const { works, students } = useSuspenseQuery(overviewQuery).data;
  const me = useMe();
  const classes = me.classes.filter((one) => works.some((work) => work.classId === one.id));
  return (
    <div>
      <Heading name="Who is in" />
      {classes.length === 0 && <Empty>Nothing has been set yet. Ask a class for something first.</Empty>}
      {classes.map((one) => (
        <ClassTable
          key={one.id}
          name={one.name}
          works={works.filter((work) => work.classId === one.id)}
          students={byListName(students.filter((line) => line.classId === one.id))}
        />
      ))}
    </div>
  );
}

type TableProps = { name: string; works: Api['SetWorkView'][]; students: Api['OverviewLine'][] };

/** As many rows as a screen shows at once. */
const FIRST = 30;

/** A class against its work: the first rows at once, the others when those have been painted. */
function ClassTable({ name, works, students }: TableProps) {
  const follow = useFollow();
  const rows = useDeferredValue(students, students.slice(0, FIRST));
  return (
    <Card title={name} className="mb-3">
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: Enter on a link is a click of it */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: what is pressed are the links in it */}
      <div className="max-h-[70vh] overflow-auto" onClick={follow}>
        <table className="border-collapse text-left">
          <thead className="sticky top-0 bg-card text-[13px]">
            <tr>
              <th className="sticky left-0 bg-card py-1 pr-4 font-semibold">Student</th>
              {works.map((work) => (
                <th key={work.id} className="min-w-28 px-2 align-bottom font-semibold">
                  <Link to={`/set-work/${work.id}`} className="hover:text-petrol hover:underline">
                    {work.title}
                  </Link>
                  <span className="block font-normal text-soft">{dueTime(work)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((student) => (
              <Row key={student.student} student={student} works={works} />
            ))}
          </tbody>
        </table>
      </div>
    </Card>
  );
}

type RowProps = { student: Api['OverviewLine']; works: Api['SetWorkView'][] };

const Row = memo(function Row({ student, works }: RowProps) {
  const byWork = new Map(student.cells.map((cell) => [cell.setWork, cell]));
  return (
    <tr className="border-t border-line">
      <th className="sticky left-0 bg-card py-1 pr-4 font-normal whitespace-nowrap">
        {listName(student.name)}
      </th>
      {works.map((work) => (
        <td key={work.id} className="px-2">
          {student.notAsked.includes(work.id) && !byWork.has(work.id) ? (
            <span className="text-[13px] text-soft">not asked</span>
          ) : (
            <Standing cell={byWork.get(work.id)} />
          )}
        </td>
      ))}
    </tr>
  );
});

const LOOKS: Record<Cell['state'], string> = {
  WAITING: 'font-semibold text-petrol',
  BEING_READ: 'font-semibold text-petrol',
  SENT_BACK: 'text-brass',
  CHECKED: 'text-moss',
};

function Standing({ cell }: { cell?: Cell }) {
  if (!cell) return <span className="text-soft">–</span>;
  return (
    <a
      href={`/set-work/${cell.setWork}/${cell.handIn}`}
      className={`text-[13.5px] whitespace-nowrap hover:underline ${LOOKS[cell.state]}`}
    >
      {STATE_WORDS[cell.state]}
      {cell.version > 1 && ` (${cell.version})`}
      {cell.late && <span className="font-semibold text-rust"> late</span>}
    </a>
  );
}
