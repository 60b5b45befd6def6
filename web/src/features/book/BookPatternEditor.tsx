import { useState } from 'react';
import { Button, OrderedFields, TextField, useOrdered } from '../../ui';
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
      <OrderedFields label="Parts" list={parts} most={MOST} add="Add a part" fresh={NEW}>
        {({ key, value, ...field }) => <PartFields key={key} part={value} {...field} />}
      </OrderedFields>
      <div className="mt-4 flex gap-2">
        <Button look="act" type="submit">
          Keep this pattern
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
