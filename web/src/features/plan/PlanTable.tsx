import type { ReactNode } from 'react';
import type { Api } from '../../api';
import { WeekNumbers } from '../../ui';
import { inWords } from './weeks';

type Sheet = Api['PlanSheetView'];
type Topic = Api['PlannedTopicView'];

type Props = {
  sheet: Sheet;
  strip: (topic: Topic) => ReactNode;
  aside?: (topic: Topic) => ReactNode;
};

/** Topics by teaching weeks, each with a strip to draw its plan on. */
export function PlanTable({ sheet, strip, aside }: Props) {
  return (
    <div className="relative overflow-x-auto rounded-lg bg-card pb-1">
      <table className="w-full min-w-[900px] border-collapse">
        <thead className="text-left text-[12.5px] text-soft">
          <tr className="border-b border-line">
            <th className="w-[250px] py-2 pl-12 font-normal">Topic</th>
            <th className="font-normal">
              <WeekNumbers weeks={sheet.weeks} week={sheet.week} />
            </th>
            <th className="w-[164px] pl-4 font-normal">Planned for</th>
          </tr>
        </thead>
        <tbody>
          {sheet.topics.map((topic) => (
            <tr key={topic.id} className="border-b border-line/60">
              <th scope="row" className="py-1 pl-3.5 text-left font-normal">
                <span className="flex items-baseline gap-3">
                  <span className="w-6 text-[12.5px] text-soft">{topic.code}</span>
                  {topic.title}
                </span>
              </th>
              <td>{strip(topic)}</td>
              <td className="py-1 pl-4 text-[13.5px]">
                {inWords(topic.own ?? topic.planned)}
                {aside?.(topic)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
