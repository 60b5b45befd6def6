import type { Api } from '../../api';
import { KIND_NAMES, Tick } from '../../ui';

/** Kinds that set work can ask for. */
const KINDS = ['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'ATTACHED'] as const;

const NUMBER = 'w-20 rounded-md border border-line bg-card px-2 py-1';

/** What each hand-in has to have: kinds, how many words, sources. */
export function AskedFields({ asked }: { asked?: Api['AskedForView'] }) {
  return (
    <fieldset className="mb-3">
      <legend className="mb-1 font-semibold">Each hand-in has</legend>
      <div className="flex flex-wrap gap-x-4">
        {KINDS.map((kind) => (
          <Tick key={kind} name="kinds" value={kind} defaultChecked={asked?.kinds.includes(kind)}>
            {KIND_NAMES[kind].toLowerCase()}
          </Tick>
        ))}
        <Tick name="sources" defaultChecked={asked?.withSources}>
          sources named
        </Tick>
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-1.5">
        <Words name="least" label="Fewest words" words={asked?.wordsLeast} />
        to
        <Words name="most" label="Most words" words={asked?.wordsMost} />
        typed words
      </p>
    </fieldset>
  );
}

const Words = ({ name, label, words }: { name: string; label: string; words?: number }) => (
  <input
    type="number"
    name={name}
    min={0}
    max={100000}
    aria-label={label}
    defaultValue={words}
    className={NUMBER}
  />
);

/** What was ticked and typed of it. */
export function askedFrom(form: FormData): Api['AskedForView'] {
  const number = (name: string) => {
    const typed = String(form.get(name) ?? '');
    return typed === '' ? undefined : Number(typed);
  };
  return {
    kinds: KINDS.filter((kind) => form.getAll('kinds').includes(kind)),
    wordsLeast: number('least'),
    wordsMost: number('most'),
    withSources: form.has('sources'),
  };
}
