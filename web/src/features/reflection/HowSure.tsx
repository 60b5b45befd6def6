import type { Api } from '../../api';
import { Card, Empty, percent } from '../../ui';
import { SurenessScale } from './SurenessScale';

const SAYS = { OVER_SURE: 'Surer than your papers say', UNDER_SURE: 'Your papers say you can be surer' };

type Rating = Api['RatingView'];

type Props = {
  topics: Rating[];
  ratings: Record<string, number>;
  onRate: (topic: string, value: number) => void;
};

/** Each topic of the week with how sure one is, was before, and what the latest paper says to that. */
export function HowSure({ topics, ratings, onRate }: Props) {
  return (
    <Card title="How sure are you?">
      {topics.length === 0 && <Empty>No topic was planned or worked on in this week.</Empty>}
      {topics.map((topic) => (
        <TopicRating
          key={topic.topic}
          topic={topic}
          value={ratings[topic.topic]}
          onRate={(value) => onRate(topic.topic, value)}
        />
      ))}
    </Card>
  );
}

type TopicProps = { topic: Rating; value?: number; onRate: (value: number) => void };

function TopicRating({ topic, value, onRate }: TopicProps) {
  const says = topic.says.find((one) => one.rating === value)?.says;
  return (
    <fieldset className="border-b border-line py-2 last:border-0">
      <legend className="float-left mr-2 w-36 leading-snug">
        {topic.code} {topic.title}
      </legend>
      <SurenessScale name={topic.topic} value={value} onChange={onRate} />
      <p className="clear-left text-[13px] text-soft">
        {[beforeWords(topic), paperWords(topic)].filter(Boolean).join(' · ')}
      </p>
      {says && <p className="text-[13px] font-semibold text-rust">{SAYS[says]}</p>}
    </fieldset>
  );
}

/** "Was 1 in week 8, 2 in week 10". */
const beforeWords = ({ before }: Rating) =>
  before.length > 0 && `Was ${before.map(({ value, week }) => `${value} in week ${week}`).join(', ')}`;

const paperWords = ({ paper }: Rating) => paper !== undefined && `${percent(paper)} on the latest paper`;
