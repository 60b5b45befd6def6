import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Card, Empty, Heading, percent, plural, Radios } from '../../ui';
import {
  byNeed,
  CELL_WORDS,
  type ClassView,
  cellOf,
  median,
  mostMissed,
  type Point,
  placesOf,
} from './classGrid';
import { PointStrip } from './PointStrip';
import { classQuery } from './queries';
import { TopicScale } from './TopicScale';

const MOST_MISSED = 6;

/** A class at a glance: its points by its students, and who and what needs help. */
export function ClassScreen() {
  const { class: id = '' } = useParams();
  const seen = useSuspenseQuery(classQuery(id)).data;
  const withBook = seen.students.filter((student) => student.kinds !== undefined);
  const missed = mostMissed(seen.points, MOST_MISSED);
  return (
    <div className="max-w-[1040px]">
      <div className="flex items-baseline justify-between gap-4">
        <Heading name={`Coverage of ${seen.name}`} className="mb-0.5 text-[24px]" />
        <Link to={`/classes/${id}/plan`} className="font-semibold text-petrol hover:underline">
          Plan
        </Link>
      </div>
      <p className="mb-3 text-soft">
        {seen.edition ?? 'No notebook is kept for this class yet'}
        {withBook.length > 0 && (
          <>
            {' '}
            · {plural(withBook.length, 'student')} · half of them have notes behind{' '}
            <b className="text-ink">{percent(median(withBook))}</b> of the marks or more
          </>
        )}
      </p>
      {missed.length > 0 && (
        <Card title="Done in class, and still bare for most" className="mb-3">
          <ul className="grid gap-x-8 md:grid-cols-2">
            {missed.map((point) => (
              <li key={point.id} className="flex items-baseline gap-3 border-b border-line/60 py-1">
                <b className="w-12 shrink-0 text-petrol">{point.code}</b>
                <span className="min-w-0 flex-1">{point.statement}</span>
                <span className="whitespace-nowrap text-rust">
                  {point.bareFor} of {withBook.length}
                </span>
              </li>
            ))}
          </ul>
        </Card>
      )}
      <ClassGrid id={id} seen={seen} />
    </div>
  );
}

function ClassGrid({ id, seen }: { id: string; seen: ClassView }) {
  const [students, setStudents] = useState<'NEED' | 'NAME'>('NEED');
  const [points, setPoints] = useState<'SYLLABUS' | 'NEED'>('SYLLABUS');
  const [pointed, setPointed] = useState<{ student: string; place: number }>();
  const rows = students === 'NEED' ? byNeed(seen.students) : seen.students;
  const places = placesOf(seen.points, points === 'NEED');
  if (seen.students.length === 0) return <Empty>No student is in this class yet.</Empty>;
  return (
    <>
      <div className="mb-1.5 flex flex-wrap gap-x-8">
        <Radios
          label="Students"
          isLabelled
          values={{ NEED: 'who needs help first', NAME: 'by name' }}
          value={students}
          onChoose={setStudents}
        />
        <Radios
          label="Points"
          isLabelled
          values={{ SYLLABUS: 'by syllabus', NEED: 'most missed first' }}
          value={points}
          onChoose={setPoints}
        />
      </div>
      <div className="relative overflow-x-auto rounded-lg bg-card pb-1">
        <table className="w-full min-w-[720px] border-collapse">
          <thead className="text-left text-[12.5px] text-soft">
            <tr className="border-b border-line">
              <th className="w-[170px] py-2 pl-3.5 font-normal">Student</th>
              <th className="font-normal">
                {points === 'SYLLABUS' ? <TopicScale points={seen.points} /> : 'Most missed first'}
              </th>
              <th className="w-[64px] text-right font-normal">Marks</th>
              <th className="w-[56px] text-right font-normal">Bare</th>
              <th className="w-[60px] pr-3.5 text-right font-normal">Late</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((student) => (
              <tr key={student.id} className="border-b border-line/40 hover:bg-wash">
                <th scope="row" className="py-0.5 pl-3.5 text-left font-normal whitespace-nowrap">
                  {student.kinds === undefined ? (
                    student.name
                  ) : (
                    <Link
                      to={`/classes/${id}/${student.id}`}
                      className="inline-flex min-h-6 items-center hover:text-petrol hover:underline"
                    >
                      {student.name}
                    </Link>
                  )}
                </th>
                {student.kinds === undefined ? (
                  <td colSpan={4} className="text-soft">
                    no notebook for this class
                  </td>
                ) : (
                  <>
                    <td className="leading-none">
                      <PointStrip
                        student={student}
                        points={seen.points}
                        places={places}
                        onPoint={(place) =>
                          setPointed(place === undefined ? undefined : { student: student.id, place })
                        }
                      />
                    </td>
                    <td className="text-right">{percent(student.marksCovered)}</td>
                    <td className="text-right">{student.bare}</td>
                    <td
                      className={`pr-3.5 text-right ${student.late ? 'font-semibold text-rust' : 'text-soft'}`}
                    >
                      {student.late}
                    </td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Legend />
      {pointed && <PointedAt seen={seen} {...pointed} />}
    </>
  );
}

function PointedAt({ seen, student: id, place }: { seen: ClassView; student: string; place: number }) {
  const point: Point | undefined = seen.points[place];
  const student = seen.students.find((one) => one.id === id);
  if (!point || !student) return null;
  return (
    <p className="fixed right-4 bottom-3 left-4 z-20 rounded-md border border-line bg-card px-3 py-2 shadow-lg md:left-[240px]">
      <b className="text-petrol">{point.code}</b> {point.statement} <span className="text-soft">·</span>{' '}
      {student.name}: {CELL_WORDS[cellOf(student, place, point)]}
    </p>
  );
}

const KEY: [string, string][] = [
  ['bg-line', 'bare'],
  ['bg-rust', 'bare, and the class has done it'],
  ['bg-petrol opacity-35', 'one kind'],
  ['bg-petrol opacity-70', 'two kinds'],
  ['bg-ink', 'three kinds or more'],
];

function Legend() {
  return (
    <p className="mt-2.5 flex flex-wrap gap-x-4 gap-y-1 text-[13px] text-soft">
      {KEY.map(([colour, words]) => (
        <span key={words} className="flex items-center gap-1.5">
          <span className={`inline-block size-3 rounded-[2px] ${colour}`} />
          {words}
        </span>
      ))}
    </p>
  );
}
