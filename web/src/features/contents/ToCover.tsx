import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Card, Trouble } from '../../ui';
import { toCoverQuery } from './queries';

type Point = Api['ToCoverView'];

/** What the syllabus asks of a section: the student's own tick beside what the notches say. */
export function ToCover({ notebook, section }: { notebook: string; section: string }) {
  const queries = useQueryClient();
  const query = toCoverQuery(section);
  const points = useQuery(query).data ?? [];
  const tick = useMutation({
    mutationFn: ({ point, isTicked }: Point) => {
      const path = { params: { path: { id: notebook, point } } };
      return isTicked
        ? unwrap(api.DELETE('/api/notebooks/{id}/ticks/{point}', path))
        : unwrap(api.PUT('/api/notebooks/{id}/ticks/{point}', path));
    },
    onMutate: async ({ point, isTicked }) => {
      await queries.cancelQueries(query);
      queries.setQueryData(query.queryKey, (now) =>
        now?.map((one) => (one.point === point ? { ...one, isTicked: !isTicked } : one)),
      );
    },
    onSettled: () => queries.invalidateQueries({ queryKey: query.queryKey }),
  });
  if (points.length === 0) return null;
  const covered = points.filter((point) => point.isCovered).length;
  const ticked = points.filter((point) => point.isTicked).length;
  return (
    <Card
      title="To cover here"
      className="mb-3.5"
      aside={
        <span className="text-[13px] text-soft">
          {covered} of {points.length} notched · {ticked} ticked by you
        </span>
      }
    >
      <Trouble>{tick.error?.message}</Trouble>
      <ul className="sm:columns-2 sm:gap-x-6 xl:columns-1">
        {points.map((point) => (
          <li
            key={point.point}
            className="flex break-inside-avoid items-start gap-2.5 border-b border-line py-1.5"
          >
            <Tick point={point} onTick={() => tick.mutate(point)} />
            <b className={`w-10 shrink-0 pt-0.5 ${point.isCovered ? 'text-petrol' : 'text-soft'}`}>
              {point.code}
            </b>
            <span className="min-w-0 flex-1 pt-0.5">
              <Link to={`/n/${notebook}/needle?nodes=${point.point}`} className="hover:text-petrol">
                {point.statement}
              </Link>
              {point.disagreement && (
                <span className="block text-[13px] text-brass">{point.disagreement}</span>
              )}
              {!point.disagreement && !point.isCovered && (
                <span className="block text-[13px] text-soft">bare</span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** A tick is there from the press on, before the server knows of it. */
function Tick({ point, onTick }: { point: Point; onTick: () => void }) {
  const [isTicked, setTicked] = useState(point.isTicked);
  useEffect(() => setTicked(point.isTicked), [point.isTicked]);
  return (
    <input
      type="checkbox"
      aria-label={`${point.code}: I have this`}
      checked={isTicked}
      onChange={() => {
        setTicked(!isTicked);
        onTick();
      }}
      className="h-6 w-6 shrink-0 accent-petrol"
    />
  );
}
