import type { Api } from '../../api';
import { type EvidenceKind, KIND_NAMES, Shape } from '../../ui';
import type { NeedleWish } from './queries';

const KINDS: EvidenceKind[] = ['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'ATTACHED'];
const CHOICE = 'min-h-8 rounded-md border border-line bg-card px-2';

type Props = {
  wish: NeedleWish;
  weeks: Api['RulerWeek'][];
  monday: string;
  put: (name: string, values: string[]) => void;
};

/** What a needle lifts beside its points: any or all of them, which kinds, which week. */
export function NeedleFilter({ wish, weeks, monday, put }: Props) {
  return (
    <span className="flex flex-wrap items-center gap-2">
      {wish.nodes.length > 1 && (
        <select
          aria-label="Any or all points"
          value={wish.all ? 'all' : ''}
          className={CHOICE}
          onChange={(event) => put('all', event.target.value ? ['true'] : [])}
        >
          <option value="">at any of them</option>
          <option value="all">at all of them</option>
        </select>
      )}
      <select
        aria-label="Week"
        value={monday}
        className={CHOICE}
        onChange={(event) => put('week', event.target.value ? [event.target.value] : [])}
      >
        <option value="">in every week</option>
        {weeks
          .filter((week) => week.number)
          .map((week) => (
            <option key={week.monday} value={week.monday}>
              in week {week.number}
            </option>
          ))}
      </select>
      {KINDS.map((kind) => (
        <button
          key={kind}
          type="button"
          aria-pressed={wish.kinds.includes(kind)}
          aria-label={`Only ${KIND_NAMES[kind]}`}
          title={KIND_NAMES[kind]}
          className={`flex h-8 w-8 items-center justify-center rounded-md border ${
            wish.kinds.includes(kind)
              ? 'border-2 border-petrol bg-petrol-wash text-petrol'
              : 'border-line bg-card'
          }`}
          onClick={() =>
            put(
              'kinds',
              wish.kinds.includes(kind) ? wish.kinds.filter((one) => one !== kind) : [...wish.kinds, kind],
            )
          }
        >
          <Shape kind={kind} silent />
        </button>
      ))}
    </span>
  );
}
