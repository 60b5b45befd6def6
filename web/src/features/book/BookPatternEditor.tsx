import { useState } from 'react';
import { Button, TextField, useOrdered } from '../../ui';
import { PartFields } from './PartFields';
import type { BookPart, BookPattern } from './queries';

const NEW: BookPart = { kind: 'WORDS', heading: '', question: '', words: { least: 40, most: 200 } };
const MOST = 30;

type Props = { pattern: BookPattern; onKeep: (pattern: BookPattern) => void; onCancel: () => void };

/** A pattern of books while it is written: who they are for, and their parts in order. */
export function BookPatternEditor({ pattern, onKeep, onCancel }: Props) {
  const [now, setNow] = useState(pattern);
  const parts = useOrdered(pattern.parts);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onKeep({ ...now, parts: parts.values });
      }}
    >
      <div className="grid gap-x-4 sm:grid-cols-2">
        <TextField
          label="Name"
          value={now.name}
          maxLength={100}
          required
          onChange={(event) => setNow({ ...now, name: event.target.value })}
        />
        <TextField
          label="Who it is for"
          placeholder="your family and your next teacher"
          value={now.forWhom}
          maxLength={200}
          onChange={(event) => setNow({ ...now, forWhom: event.target.value })}
        />
      </div>
      <ol aria-label="Parts">
        {parts.rows.map(({ key, value }, i) => (
          <PartFields
            key={key}
            number={i + 1}
            part={value}
            isLast={i === parts.rows.length - 1}
            onChange={(next) => parts.change(i, next)}
            onMove={(by) => parts.move(i, by)}
            onRemove={parts.rows.length > 1 ? () => parts.remove(i) : undefined}
          />
        ))}
      </ol>
      {parts.rows.length < MOST && (
        <Button className="mt-3" onClick={() => parts.add(NEW)}>
          Add a part
        </Button>
      )}
      <div className="mt-4 flex gap-2">
        <Button look="act" type="submit">
          Keep this pattern
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
