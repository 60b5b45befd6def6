import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, Empty, plural } from '../../ui';
import { shownQuery } from './queries';

/** Collections that others show, to be looked through by words and topics. */
export function ShownList() {
  const shown = useQuery(shownQuery).data ?? [];
  const [words, setWords] = useState('');
  if (shown.length === 0) return null;
  const found = shown.filter((one) => holds(one, words));
  return (
    <Card
      title="Shown to you"
      className="mt-4"
      aside={
        <input
          type="search"
          aria-label="Look through what is shown to you"
          placeholder="words or a topic"
          value={words}
          className="min-h-8 w-44 rounded-md border border-line bg-card px-2"
          onChange={({ target }) => setWords(target.value)}
        />
      }
    >
      {found.length === 0 && <Empty>Nobody shows you anything like that.</Empty>}
      <ul>
        {found.map((one) => (
          <li key={one.id}>
            <Link
              to={`/shown/${one.id}`}
              className="flex items-center gap-3 border-b border-line py-2.5 last:border-0 hover:text-petrol"
            >
              {one.coverId && (
                <img
                  src={`/api/media/${one.coverId}/screen`}
                  alt=""
                  loading="lazy"
                  className="size-13 shrink-0 rounded-md bg-wash object-cover"
                />
              )}
              <span className="min-w-0 flex-1">
                <b>{one.title}</b>
                <span className="block text-[13.5px] text-soft">
                  {[one.purpose, ...one.topics].filter(Boolean).join(' · ')}
                </span>
              </span>
              <span className="text-right text-[13px] text-soft">
                {one.ofTeacher ? `your teacher, ${one.of}` : one.of}
                <span className="block">{plural(one.things, 'thing')}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Card>
  );
}

const holds = ({ title, purpose, of, topics }: Api['ShownLine'], words: string): boolean => {
  const text = [title, purpose, of, ...topics].join(' ').toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
};
