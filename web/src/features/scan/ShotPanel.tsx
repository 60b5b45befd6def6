import { useState } from 'react';
import type { Api } from '../../api';
import type { Bench } from './useBench';
import { FINISHES, type Finish, shotFacts, shotName } from './words';

type Props = { shot: Api['ShotView']; bench: Bench };

/** How a shot will be kept: its page, the finishes to choose from, what was done, and its name and gist. */
export function ShotPanel({ shot, bench }: Props) {
  const picture = shot.picture ?? shot.photo;
  return (
    <section aria-label="How it will be kept" className="rounded-lg bg-card p-3.5">
      <img
        src={`/api/media/${picture.id}/screen`}
        alt={`The page as it will be kept: ${shotName(shot)}`}
        className={`mx-auto block max-h-[42vh] max-w-full border border-line ${bench.isBusy ? 'opacity-50' : ''}`}
      />
      <FinishChoice shot={shot} onChoose={(finish) => bench.make(shot, { finish })} />
      <ul className="mt-2.5 space-y-1.5">
        {shotFacts(shot).map((fact) => (
          <Line key={fact} dot="bg-moss">
            {fact}
          </Line>
        ))}
        {shot.advice.map((advice) => (
          <Line key={advice} dot="bg-brass">
            {advice}
          </Line>
        ))}
      </ul>
      <ShotWords key={shot.id} shot={shot} onKeep={(words) => bench.name(shot, words)} />
    </section>
  );
}

function Line({ dot, children }: { dot: string; children: string }) {
  return (
    <li className="flex gap-3">
      <span className={`mt-2 size-1.5 shrink-0 rounded-full ${dot}`} aria-hidden="true" />
      {children}
    </li>
  );
}

function FinishChoice({ shot, onChoose }: { shot: Api['ShotView']; onChoose: (finish: Finish) => void }) {
  return (
    <fieldset className="mt-3 flex overflow-hidden rounded-md border border-line">
      <legend className="sr-only">Finish</legend>
      {(Object.entries(FINISHES) as [Finish, string][]).map(([finish, name]) => (
        <label
          key={finish}
          className={`flex min-h-8 flex-1 cursor-pointer items-center justify-center border-l border-line px-1 text-center text-[13.5px] first-of-type:border-l-0 focus-within:outline-2 ${
            shot.recipe?.finish === finish ? 'bg-petrol font-semibold text-on-petrol' : 'hover:bg-wash'
          }`}
        >
          <input
            type="radio"
            name={`finish-${shot.id}`}
            className="sr-only"
            disabled={!shot.recipe}
            checked={shot.recipe?.finish === finish}
            onChange={() => onChoose(finish)}
          />
          {name}
        </label>
      ))}
    </fieldset>
  );
}

const BOX = 'mt-0.5 block w-full rounded-md border border-line bg-card px-2 py-1 font-normal';

function ShotWords({
  shot,
  onKeep,
}: {
  shot: Api['ShotView'];
  onKeep: (words: { name: string; gist: string }) => void;
}) {
  const [name, setName] = useState(shot.name);
  const [gist, setGist] = useState(shot.gist);
  const keep = () => (name !== shot.name || gist !== shot.gist) && onKeep({ name, gist });
  return (
    <div className="mt-3 border-t border-line pt-2.5">
      <label className="block font-semibold">
        Name of the page
        <input
          className={BOX}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          onBlur={keep}
        />
      </label>
      <label className="mt-2 block font-semibold">
        Gist, to find handwriting by
        <textarea
          className={BOX}
          rows={2}
          value={gist}
          maxLength={2000}
          onChange={(event) => setGist(event.target.value)}
          onBlur={keep}
        />
      </label>
    </div>
  );
}
