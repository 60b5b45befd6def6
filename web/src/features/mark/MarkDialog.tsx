import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button, Dialog, evidenceOf, Shape, TextField } from '../../ui';
import { findQuery } from '../find';
import { HearFrom, idTime } from '../voice';
import { type Choice, choiceOf } from './choices';
import { MarkBadge } from './MarkBadge';
import type { Mark } from './queries';

type Props = {
  mark: Mark;
  /** What the mark stands on. */
  words: string;
  choices: Choice[];
  onChange: (mark: Mark) => void;
  onRemove: () => void;
  onClose: () => void;
};

/** What can be done about a mark: a task gets its date, a question its answer. */
export function MarkDialog({ mark, words, choices, onChange, onRemove, onClose }: Props) {
  const choice = choiceOf(mark, choices);
  return (
    <Dialog title={choice.name} onClose={onClose}>
      <p className="mb-3 flex items-start gap-2 border-l-[3px] border-line pl-2.5">
        <span className="mt-0.5">
          <MarkBadge choice={choice} />
        </span>
        <span className="line-clamp-4">{words}</span>
      </p>
      <HearFrom madeAt={idTime(mark.id)} />
      {mark.kind === 'TASK' && <TaskFields mark={mark} onChange={onChange} />}
      {mark.kind === 'QUESTION' && <Answering mark={mark} onChange={onChange} />}
      <div className="mt-4 flex justify-between">
        <Button
          look="quiet"
          onClick={() => {
            onRemove();
            onClose();
          }}
        >
          Take the mark off
        </Button>
        <Button look="act" onClick={onClose}>
          Done
        </Button>
      </div>
    </Dialog>
  );
}

function TaskFields({ mark, onChange }: { mark: Mark; onChange: (mark: Mark) => void }) {
  return (
    <>
      <TextField
        label="Until when"
        type="date"
        value={mark.due ?? ''}
        hint="A task with a date stands in its week."
        onChange={(event) => onChange({ ...mark, due: event.target.value || undefined })}
      />
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="h-6 w-6 accent-petrol"
          checked={mark.isDone}
          onChange={(event) => onChange({ ...mark, isDone: event.target.checked })}
        />
        Done
      </label>
    </>
  );
}

/** An answer in a sentence, or an entry that answers, found by its words. */
function Answering({ mark, onChange }: { mark: Mark; onChange: (mark: Mark) => void }) {
  const [sentence, setSentence] = useState(mark.answer ?? '');
  const [looked, setLooked] = useState('');
  const found = useQuery(findQuery(looked)).data;
  return (
    <>
      <TextField
        label="Answer in a sentence"
        value={sentence}
        maxLength={500}
        onChange={(event) => {
          setSentence(event.target.value);
          onChange({ ...mark, answer: event.target.value.trim() || undefined, answerEntry: undefined });
        }}
      />
      {mark.answerEntry && (
        <p className="mb-3 flex items-center justify-between gap-3">
          <Link to={`/e/${mark.answerEntry}`} className="text-petrol hover:underline">
            Answered by an entry
          </Link>
          <Button look="quiet" onClick={() => onChange({ ...mark, answerEntry: undefined })}>
            Open it again
          </Button>
        </p>
      )}
      <TextField
        label="Or the entry that answers it"
        placeholder="A word of it"
        value={looked}
        onChange={(event) => setLooked(event.target.value)}
      />
      <ul className="max-h-[30vh] overflow-auto">
        {found?.entries
          .filter((hit) => hit.id !== mark.on)
          .map((hit) => (
            <li key={hit.id}>
              <button
                type="button"
                className="flex w-full items-center gap-2.5 rounded px-2 py-1.5 text-left hover:bg-wash"
                onClick={() => {
                  setSentence('');
                  setLooked('');
                  onChange({ ...mark, answer: undefined, answerEntry: hit.id });
                }}
              >
                <Shape kind={evidenceOf(hit.kind)} />
                <span className="min-w-0 flex-1 truncate">{hit.name}</span>
                <span className="text-[13px] text-soft">{hit.where}</span>
              </button>
            </li>
          ))}
      </ul>
    </>
  );
}
