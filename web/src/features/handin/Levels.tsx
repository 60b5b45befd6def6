import { type RefObject, useId } from 'react';
import type { Api } from '../../api';
import { Card, Tick } from '../../ui';

type Version = Api['SealedView'];

const criteriaOf = (version: Version) => version.to.setWork?.criteria ?? [];
const levelOf = (version: Version, criterion: number) =>
  version.levels.find((one) => one.criterion === criterion)?.level;

/** What the levels come to: "5 of 7 points". */
const Sum = ({ figures }: { figures: Version['figures'] }) =>
  figures.chosen > 0 && (
    <span className="text-[13px] text-soft">
      {figures.points} of {figures.most} points
    </span>
  );

type Props = {
  version: Version;
  /** The first choice, so that a key leads to it. */
  start: RefObject<HTMLInputElement | null>;
  onJudge: (criterion: number, level?: number) => void;
};

/** The levels of each criterion to choose from: by the pointer, the arrows, or the digit of the level. */
export function LevelsCard({ version, start, onJudge }: Props) {
  const name = useId();
  const criteria = criteriaOf(version);
  if (criteria.length === 0) return null;
  const canJudge = version.state !== 'WAITING';
  return (
    <Card title="Levels" aside={<Sum figures={version.figures} />}>
      {criteria.map((criterion, at) => (
        <fieldset
          key={criterion.name}
          disabled={!canJudge}
          className="mb-2 last:mb-0"
          onKeyDown={(event) => {
            const level = Number(event.key) - 1;
            if (!criterion.levels[level]) return;
            event.preventDefault();
            event.stopPropagation();
            onJudge(at, level);
            document.getElementById(`${name}-${at + 1}-0`)?.focus();
          }}
        >
          <legend className="font-semibold">{criterion.name}</legend>
          {criterion.levels.map(({ words, points }, level) => (
            <Tick
              key={words}
              ref={at === 0 && level === 0 ? start : undefined}
              id={`${name}-${at}-${level}`}
              type="radio"
              name={`${name}-${at}`}
              checked={levelOf(version, at) === level}
              onChange={() => onJudge(at, level)}
            >
              <span className="min-w-0 flex-1">{words}</span>
              <span className="text-[13px] text-soft">{points}</span>
            </Tick>
          ))}
        </fieldset>
      ))}
      <p className="text-[13px] text-soft">M leads here; a digit chooses the level and goes on.</p>
    </Card>
  );
}

/** What was found for each criterion, as the student reads it. */
export function LevelsShown({ version }: { version: Version }) {
  if (version.levels.length === 0) return null;
  return (
    <Card title="By what it was judged" aside={<Sum figures={version.figures} />}>
      <dl>
        {criteriaOf(version).map((criterion, at) => {
          const level = levelOf(version, at);
          return (
            <div key={criterion.name} className="border-b border-line py-1.5 last:border-0">
              <dt className="font-semibold">{criterion.name}</dt>
              <dd className={level === undefined ? 'text-soft' : ''}>
                {level === undefined ? 'not judged' : criterion.levels[level]?.words}
              </dd>
            </div>
          );
        })}
      </dl>
    </Card>
  );
}
