import { useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ChoiceField } from '../../ui';
import { editionQuery, editionsQuery } from '../syllabus';

/** The topic that something is about, by its syllabus; `topic` is the one to begin with, `near` one of the syllabus to begin with. */
export function TopicFields({ topic, near = topic }: { topic?: string; near?: string }) {
  const editions = useQuery(editionsQuery).data ?? [];
  const outlines = useQueries({ queries: editions.map(({ id }) => editionQuery(id)) });
  const [picked, setPicked] = useState<string>();
  const [about, setAbout] = useState(topic);
  const topicsOf = (edition: string) =>
    outlines[editions.findIndex(({ id }) => id === edition)]?.data?.nodes.filter(
      (node) => node.kind === 'TOPIC',
    ) ?? [];
  const begun = editions.find(({ id }) => topicsOf(id).some((node) => node.id === near));
  const edition = picked ?? begun?.id ?? editions[0]?.id ?? '';
  const topics = topicsOf(edition);
  return (
    <>
      <ChoiceField label="Syllabus" value={edition} onChange={(event) => setPicked(event.target.value)}>
        {editions.map((one) => (
          <option key={one.id} value={one.id}>
            {one.code} {one.title}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField
        label="Topic"
        name="topic"
        required
        value={topics.some(({ id }) => id === about) ? about : topics[0]?.id}
        onChange={(event) => setAbout(event.target.value)}
      >
        {topics.map((node) => (
          <option key={node.id} value={node.id}>
            {node.code} {node.title}
          </option>
        ))}
      </ChoiceField>
    </>
  );
}
