import { Link } from 'react-router';
import { type EvidenceKind, KIND_NAMES, plural, Shape } from '../../ui';
import type { Topic } from './arrange';
import { PointBoxes, TONES } from './TopicRow';

const KINDS = Object.keys(KIND_NAMES) as EvidenceKind[];

/** Topics by kinds of evidence: how many entries of each there are, and which kinds are missing. */
export function KindTable({ topics, notebook }: { topics: Topic[]; notebook: string | undefined }) {
  return (
    <div className="relative overflow-x-auto rounded-lg bg-card">
      <table className="w-full min-w-[760px] border-collapse">
        <thead className="text-left text-[12.5px] text-soft">
          <tr className="border-b border-line">
            <th className="w-[250px] py-2 pl-12 font-normal">Topic</th>
            {KINDS.map((kind) => (
              <th key={kind} className="text-center font-normal">
                <span className="mr-1.5 inline-block align-[-1px] text-ink">
                  <Shape kind={kind} silent />
                </span>
                {KIND_NAMES[kind]}
              </th>
            ))}
            <th className="w-[104px] pl-3 font-normal">Points</th>
            <th className="w-[140px] pl-4 font-normal">Where it stands</th>
          </tr>
        </thead>
        <tbody>
          {topics.map((topic) => (
            <tr key={topic.id} className="border-b border-line/60">
              <th scope="row" className="py-2 pl-3.5 text-left font-normal">
                <TopicName topic={topic} notebook={notebook} />
              </th>
              {KINDS.map((kind) => (
                <KindCell key={kind} topic={topic} kind={kind} />
              ))}
              <td className="pl-3">
                <PointBoxes topic={topic} />
              </td>
              <td className={`pl-4 font-semibold ${TONES[topic.tone]}`}>{topic.standing}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {topics.length === 0 && <p className="p-4 text-soft">No topic is like this.</p>}
    </div>
  );
}

function TopicName({ topic, notebook }: { topic: Topic; notebook: string | undefined }) {
  const words = (
    <>
      <span className="w-6 text-[12.5px] text-soft">{topic.code}</span>
      {topic.title}
    </>
  );
  return notebook ? (
    <Link
      to={`/n/${notebook}/needle?nodes=${topic.id}`}
      className="flex items-baseline gap-3 hover:text-petrol"
    >
      {words}
    </Link>
  ) : (
    <span className="flex items-baseline gap-3">{words}</span>
  );
}

function KindCell({ topic, kind }: { topic: Topic; kind: EvidenceKind }) {
  const count = topic.evidence.filter((one) => one.kind === kind).length;
  if (count > 0) {
    return (
      <td className="text-center font-semibold" title={plural(count, 'entry', 'entries')}>
        {count}
      </td>
    );
  }
  return (
    <td className="text-center text-soft" title={`Nothing ${KIND_NAMES[kind]} yet`}>
      <span aria-hidden="true">·</span>
      <span className="sr-only">none</span>
    </td>
  );
}
