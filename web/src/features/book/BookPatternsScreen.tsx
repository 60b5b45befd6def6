import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { Button, Card, Empty, Heading, Trouble } from '../../ui';
import { useMe } from '../people';
import { BookPatternEditor } from './BookPatternEditor';
import { type BookPattern, bookPatternsQuery } from './queries';
import { useBookPatterns } from './useBookPatterns';

/** What books of the year can begin with: for a class by its teacher, or for the whole school by its keeper. */
export function BookPatternsScreen() {
  const { class: classId } = useParams();
  const name = useMe().classes.find((one) => one.id === classId)?.name;
  const { ours, patterns } = useSuspenseQuery(bookPatternsQuery(classId)).data;
  const { keep, remove, error } = useBookPatterns(classId);
  const [edited, setEdited] = useState<BookPattern>();
  return (
    <div className="max-w-3xl">
      <Heading name={`Books of the year of ${name ?? 'the school'}`} />
      <p className="mb-3 text-soft">
        Students begin a book with one of these patterns, or with the one that is always there. A book that is
        begun keeps its pages, whatever becomes of its pattern.
      </p>
      <Trouble>{error?.message}</Trouble>
      {edited ? (
        <Card>
          <BookPatternEditor
            pattern={edited}
            onKeep={(pattern) => keep(pattern, () => setEdited(undefined))}
            onCancel={() => setEdited(undefined)}
          />
        </Card>
      ) : (
        <>
          <Button
            look="act"
            className="mb-3"
            onClick={() => setEdited({ id: newId(), name: '', forWhom: '', parts: ours })}
          >
            Add a pattern
          </Button>
          {patterns.length === 0 && (
            <Empty>None yet. Books begin with the pattern that is always there.</Empty>
          )}
          {patterns.map((pattern) => (
            <PatternCard
              key={pattern.id}
              pattern={pattern}
              onChange={() => setEdited(pattern)}
              onDelete={() => remove(pattern)}
            />
          ))}
        </>
      )}
    </div>
  );
}

type CardProps = { pattern: BookPattern; onChange: () => void; onDelete: () => void };

function PatternCard({ pattern, onChange, onDelete }: CardProps) {
  const { name, forWhom, parts } = pattern;
  return (
    <Card
      title={name}
      className="mb-3"
      aside={
        <span className="flex gap-1">
          <Button look="quiet" aria-label={`Change ${name}`} onClick={onChange}>
            Change
          </Button>
          <Button look="quiet" aria-label={`Delete ${name}`} onClick={onDelete}>
            Delete
          </Button>
        </span>
      }
    >
      {forWhom && <p className="mb-1 text-[13.5px] text-soft">For {forWhom}</p>}
      <ol className="list-decimal pl-5">
        {parts.map((part) => (
          <li key={part.heading} className="py-0.5">
            {part.heading}{' '}
            <span className="text-[13.5px] text-soft">
              {part.kind !== 'WORDS' && 'for each notebook'}
              {part.kind === 'SUBJECT' && ', '}
              {part.kind !== 'FIGURES' && `${part.words.least} to ${part.words.most} words`}
              {part.kind === 'SUBJECT' && ' about each piece'}
            </span>
          </li>
        ))}
      </ol>
    </Card>
  );
}
