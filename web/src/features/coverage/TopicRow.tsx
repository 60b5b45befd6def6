import { useState } from 'react';
import { percent } from '../../ui';
import type { Topic } from './arrange';
import { TopicDetails } from './TopicDetails';
import { WeekGrid } from './WeekGrid';

export const TONES: Record<Topic['tone'], string> = {
  GOOD: 'text-moss',
  OPEN: 'text-petrol',
  SOON: 'text-brass',
  MISSING: 'text-rust',
  AHEAD: 'text-soft',
};

type Props = { topic: Topic; notebook: string | undefined; weeks: number; week: number | undefined };

/** A topic over the weeks with its points, papers and standing; it opens into its points and their entries. */
export function TopicRow({ topic, notebook, weeks, week }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <tr className="border-b border-line/60">
        <th scope="row" className="text-left font-normal">
          <button
            type="button"
            className="flex w-full items-baseline gap-3 py-2 pl-3.5 text-left hover:text-petrol"
            aria-expanded={isOpen}
            onClick={() => setOpen(!isOpen)}
          >
            <span className="w-6 text-[12.5px] text-soft">{topic.code}</span>
            {topic.title}
          </button>
        </th>
        <td className="max-[1149px]:hidden">
          <WeekGrid topic={topic} weeks={weeks} week={week} />
        </td>
        <td className="pl-3 max-sm:hidden">
          <PointBoxes topic={topic} />
        </td>
        <td className="text-right max-sm:hidden">{topic.paper === undefined ? '–' : percent(topic.paper)}</td>
        <td className={`py-1 pl-4 font-semibold ${TONES[topic.tone]}`}>{topic.standing}</td>
      </tr>
      {isOpen && (
        <tr className="border-b border-line/60 bg-wash">
          <td colSpan={5} className="py-2 pr-4 pl-12">
            <TopicDetails topic={topic} notebook={notebook} />
          </td>
        </tr>
      )}
    </>
  );
}

/** A box for each point, filled when it is covered. */
export function PointBoxes({ topic }: { topic: Topic }) {
  const covered = topic.points.filter((point) => point.isCovered).length;
  return (
    <span
      className="flex flex-wrap gap-[3px]"
      role="img"
      aria-label={`${covered} of ${topic.points.length} points covered`}
    >
      {topic.points.map((point) => (
        <span
          key={point.id}
          title={`${point.code} ${point.statement}`}
          className={`size-[9px] rounded-[2px] border border-ink ${point.isCovered ? 'bg-ink' : ''}`}
        />
      ))}
    </span>
  );
}
