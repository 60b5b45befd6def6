import type { Api } from '../../api';
import { Button } from '../../ui';
import type { Bench } from './useBench';
import { FINISHES, type Finish, shotFacts, shotName } from './words';

type Props = { shot: Api['ShotView']; bench: Bench };

/** How a shot will be kept: its page, the finishes to choose from, and what was done. */
export function ShotPanel({ shot, bench }: Props) {
  const picture = shot.picture ?? shot.photo;
  return (
    <section className="rounded-lg bg-card p-3.5">
      <h2 className="mb-2 text-[15px]">How it will be kept</h2>
      <img
        src={`/api/media/${picture.id}/screen`}
        alt={`The page as it will be kept: ${shotName(shot)}`}
        className={`mx-auto block max-h-[46vh] max-w-full border border-line ${bench.isBusy ? 'opacity-50' : ''}`}
      />
      <FinishChoice shot={shot} onChoose={(finish) => bench.make(shot, () => ({ finish }))} />
      <SamePageQuestion shot={shot} bench={bench} />
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
    </section>
  );
}

/** Two pages may look alike and not say the same: the student knows. */
function SamePageQuestion({ shot, bench }: Props) {
  const like = bench.scan.shots.find((one) => one.id === shot.maybeOf);
  if (!like) return null;
  return (
    <div className="mt-3 rounded-md border border-brass p-2.5">
      <p className="mb-2">
        This looks like page {like.number}, “{shotName(like)}”. Is it the same page?
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => bench.leaveOut(shot, true)}>The same, leave it out</Button>
        <Button onClick={() => bench.leaveOut(shot, false)}>Another page, keep both</Button>
      </div>
    </div>
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
