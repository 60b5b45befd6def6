import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Empty, Heading, Radios, Tick, Trouble } from '../../ui';
import { useMe } from '../people';
import { PieceCard } from './PieceCard';
import { boardQuery, type Line } from './queries';
import { useBoard } from './useBoard';
import { grouped } from './words';

const WAYS = { WEEK: 'by week', TOPIC: 'by topic' };

/** What a class shows each other, by week or by topic; first what waits for the teacher, or is not seen by all. */
export function NoticeboardScreen() {
  const { class: id = '' } = useParams();
  const { className, teacherSeesFirst, pieces } = useSuspenseQuery(boardQuery(id)).data;
  const { seeFirst, error } = useBoard(id);
  const isTeacher = useMe().role === 'TEACHER';
  const [by, setBy] = useState<keyof typeof WAYS>('WEEK');
  const isForAll = ({ standing, audience }: Line) => standing === 'SHOWN' && audience === 'CLASS';
  const shown = pieces.filter(isForAll);
  const waits = ({ standing }: Line) => standing === 'ASKED';
  const rest = pieces.filter((piece) => !isForAll(piece));
  const others = [...rest.filter(waits), ...rest.filter((piece) => !waits(piece))];
  return (
    <div className="max-w-[1200px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <Heading name={`Noticeboard of ${className}`} className="mb-2 text-[24px]" />
        {shown[0] && (
          <Link
            to={`/classes/${id}/noticeboard/${shown[0].id}/read`}
            className="inline-flex min-h-8 items-center font-semibold text-petrol hover:underline"
          >
            Show them full screen
          </Link>
        )}
      </div>
      <Trouble>{error?.message}</Trouble>
      {others.length > 0 && (
        <Pieces
          name={isTeacher ? 'For you alone, or waiting for you' : 'Yours that not all see'}
          lines={others}
          schoolClass={id}
        />
      )}
      <div className="my-2 flex flex-wrap items-center justify-between gap-x-6">
        <Radios label="In order" isLabelled values={WAYS} value={by} onChoose={setBy} />
        {isTeacher && (
          <Tick checked={teacherSeesFirst} onChange={({ target: { checked } }) => seeFirst(checked)}>
            I look at each piece before the class sees it
          </Tick>
        )}
      </div>
      {shown.length === 0 && (
        <Empty>
          {isTeacher
            ? 'Nothing is shown here yet. Your students show pieces from their pages and collections.'
            : 'Nothing is shown here yet. Choose an entry on one of your pages, and show it to the class.'}
        </Empty>
      )}
      {grouped(shown, by).map(([name, lines]) => (
        <Pieces key={name} name={name} lines={lines} schoolClass={id} />
      ))}
    </div>
  );
}

function Pieces({ name, lines, schoolClass }: { name: string; lines: Line[]; schoolClass: string }) {
  return (
    <section aria-label={name} className="mb-5">
      <h2 className="mb-1.5 text-[16px]">{name}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3">
        {lines.map((line) => (
          <li key={line.id}>
            <PieceCard line={line} schoolClass={schoolClass} />
          </li>
        ))}
      </ul>
    </section>
  );
}
