import type { Api } from '../../api';
import { Button, useKeys } from '../../ui';
import type { Bench } from './useBench';
import type { Finish } from './words';

/** What can be done with the shot at hand, by buttons. */
export function ShotActs({
  shot,
  bench,
  onAgain,
}: {
  shot: Api['ShotView'];
  bench: Bench;
  onAgain: () => void;
}) {
  const { shots } = bench.scan;
  const at = shots.indexOf(shot);
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={() => bench.find(shot)} disabled={!shot.recipe} hotkey="C">
        Find the corners
      </Button>
      <Button onClick={() => turn(bench, shot)} disabled={!shot.recipe} hotkey="T">
        Turn
      </Button>
      <Button onClick={() => bench.leaveOut(shot, !shot.isLeftOut)} hotkey="X">
        {shot.isLeftOut ? 'Take in' : 'Leave out'}
      </Button>
      <Button onClick={onAgain}>Take it again</Button>
      <Button
        aria-label="Move before the photo above"
        disabled={at === 0}
        onClick={() => bench.order(movedBy(shots, shot.id, -1))}
      >
        ↑
      </Button>
      <Button
        aria-label="Move behind the photo below"
        disabled={at === shots.length - 1}
        onClick={() => bench.order(movedBy(shots, shot.id, 1))}
      >
        ↓
      </Button>
      {shot.isLeftOut && (
        <Button look="warn" onClick={() => bench.remove(shot)}>
          Off the bench
        </Button>
      )}
    </div>
  );
}

type KeyProps = { bench: Bench; shot: Api['ShotView'] | undefined; isOff: boolean; onCamera: () => void };

/** The same by keys. */
export function useBenchKeys({ bench, shot, isOff, onCamera }: KeyProps) {
  const on = (act: (one: Api['ShotView']) => void) => () => shot && act(shot);
  useKeys(
    isOff
      ? {}
      : {
          c: on(bench.find),
          t: on((one) => turn(bench, one)),
          x: on((one) => bench.leaveOut(one, !one.isLeftOut)),
          '1': on((one) => bench.make(one, finish('AS_TAKEN'))),
          '2': on((one) => bench.make(one, finish('EVEN_LIGHT'))),
          '3': on((one) => bench.make(one, finish('INK_ON_WHITE'))),
          p: onCamera,
        },
  );
}

const finish = (wished: Finish) => () => ({ finish: wished });

const turn = (bench: Bench, shot: Api['ShotView']) =>
  bench.make(shot, ({ quarters }) => ({ quarters: (quarters + 1) % 4 }));

/** The ids of the shots with one of them a place further up or down. */
function movedBy(shots: readonly Api['ShotView'][], id: string, by: -1 | 1): string[] {
  const ids = shots.map((shot) => shot.id);
  const from = ids.indexOf(id);
  ids.splice(from + by, 0, ...ids.splice(from, 1));
  return ids;
}
