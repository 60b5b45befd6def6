import { useState } from 'react';
import type { Api } from '../../api';
import { Button, ChoiceField, dayName, OrderedFields, TextField, Tick, useOrdered } from '../../ui';
import { PromptFields } from './PromptFields';

type PromptSet = Api['PromptSet'];
type Prompt = Api['Prompt'];

const NEW: Prompt = { question: '', range: { least: 30, most: 120 }, asks: 'WORDS', openings: [] };
const MOST = 12;

type Props = {
  set: PromptSet;
  weeks: Api['RulerWeek'][];
  isOfClass: boolean;
  onKeep: (set: PromptSet) => void;
  onCancel: () => void;
};

/** A set of questions to be written: from which week on, what each asks, in which order. */
export function PromptSetEditor({ set, weeks, isOfClass, onKeep, onCancel }: Props) {
  const [now, setNow] = useState(set);
  const prompts = useOrdered(set.prompts);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onKeep({ ...now, prompts: prompts.values });
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
        <ChoiceField
          label="From the week"
          value={now.from}
          onChange={(event) => setNow({ ...now, from: event.target.value })}
        >
          {weeks.map((week) => (
            <option key={week.monday} value={week.monday}>
              {week.number ? `Week ${week.number}` : week.breakName}, {dayName(week.monday)}
            </option>
          ))}
        </ChoiceField>
      </div>
      <OrderedFields label="Questions" list={prompts} most={MOST} add="Add a question" fresh={NEW}>
        {({ key, value, ...field }) => <PromptFields key={key} prompt={value} {...field} />}
      </OrderedFields>
      {isOfClass && (
        <div className="mt-3">
          <Tick checked={now.isRead} onChange={(event) => setNow({ ...now, isRead: event.target.checked })}>
            I read these sheets: each is handed in by itself when its week is over
          </Tick>
        </div>
      )}
      <div className="mt-4 flex gap-2">
        <Button look="act" type="submit">
          Keep these questions
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
