import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, Card, ChoiceField } from '../../ui';
import { SyllabusFromText } from '../outline';
import { SyllabusImport } from '../syllabus';

/** A notebook without a syllabus. */
export const NONE = 'none';
export type Syllabus = Api['EditionLine'] | typeof NONE;

type Way = 'here' | 'text' | 'table' | 'none';

const WAYS: Record<Way, { name: string; words: string }> = {
  here: { name: 'One that is here', words: 'Yours, your teacher’s or the school’s.' },
  text: { name: 'Its document', words: 'Text that you paste, or a PDF.' },
  table: { name: 'A table', words: 'CSV with any columns, or CASE.' },
  none: { name: 'None yet', words: 'Sections of your own; the syllabus comes later.' },
};

/** The ways to a syllabus, by what a student really has. */
export function SyllabusWays({
  editions,
  onChoose,
  mayBeNone = true,
}: {
  editions: Api['EditionLine'][];
  onChoose: (syllabus: Syllabus) => void;
  mayBeNone?: boolean;
}) {
  const [way, setWay] = useState<Way>(editions.length > 0 ? 'here' : 'text');
  const ways = (Object.keys(WAYS) as Way[]).filter(
    (one) => (one !== 'here' || editions.length > 0) && (one !== 'none' || mayBeNone),
  );
  return (
    <>
      <fieldset className="mb-3.5">
        <legend className="mb-1.5 font-semibold">What do you have of the syllabus?</legend>
        <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
          {ways.map((one) => (
            <label
              key={one}
              className="flex cursor-pointer items-baseline gap-2.5 rounded-md border border-line bg-card px-3 py-2 has-checked:border-petrol has-checked:bg-petrol-wash has-focus-visible:outline-2"
            >
              <input
                type="radio"
                name="way"
                className="accent-petrol"
                checked={way === one}
                onChange={() => setWay(one)}
              />
              <span>
                <b>{WAYS[one].name}</b>
                <br />
                <span className="text-[13px] text-soft">{WAYS[one].words}</span>
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      {way === 'here' && <ChooseHere editions={editions} onChoose={onChoose} />}
      {way === 'text' && <SyllabusFromText onMade={onChoose} />}
      {way === 'table' && <SyllabusImport onMade={onChoose} />}
      {way === 'none' && (
        <Card>
          <p className="mb-3">
            You make the sections as you need them. What you write waits unfiled; once you bring in the
            syllabus, each piece is offered its points by its words.
          </p>
          <Button look="act" onClick={() => onChoose(NONE)}>
            Go on without one
          </Button>
        </Card>
      )}
    </>
  );
}

function ChooseHere({
  editions,
  onChoose,
}: {
  editions: Api['EditionLine'][];
  onChoose: (edition: Api['EditionLine']) => void;
}) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const id = new FormData(event.currentTarget).get('edition');
    const chosen = editions.find((one) => one.id === id);
    if (chosen) onChoose(chosen);
  };
  return (
    <Card>
      <form onSubmit={submit}>
        <ChoiceField label="Syllabus" name="edition">
          {editions.map((edition) => (
            <option key={edition.id} value={edition.id}>
              {edition.code} {edition.title}
            </option>
          ))}
        </ChoiceField>
        <Button look="act" type="submit">
          Take this one
        </Button>
      </form>
    </Card>
  );
}
