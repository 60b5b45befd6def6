import { useState } from 'react';
import { Radios } from '../../ui';
import { ChangedWords } from './ChangedWords';
import { type Change, isPoint, KINDS, type Kind, ofKind } from './changes';

const TONES: Record<Kind, string> = {
  SAME: 'text-soft',
  REWORDED: 'text-brass',
  MOVED: 'text-petrol',
  ADDED: 'text-moss',
  DROPPED: 'text-rust',
};

/** Two editions side by side: each line with what it was, what it is, and the entries that hang on it. */
export function ChangeList({ changes }: { changes: Change[] }) {
  const [shown, setShown] = useState<'CHANGED' | 'ALL' | Kind>('CHANGED');
  const counts = (Object.keys(KINDS) as Kind[]).filter((kind) => ofKind(changes, kind).length > 0);
  const names = Object.fromEntries([
    ['CHANGED', 'What changed'],
    ['ALL', 'All lines'],
    ...counts.map((kind) => [kind, `${KINDS[kind]} ${ofKind(changes, kind).length}`]),
  ]) as Record<typeof shown, string>;
  const rows = changes.filter((change) =>
    shown === 'ALL'
      ? true
      : shown === 'CHANGED'
        ? change.kind !== 'SAME'
        : change.kind === shown && isPoint(change),
  );
  return (
    <>
      <Radios label="Which lines" values={names} value={shown} onChoose={setShown} />
      <div className="mt-1 max-h-[60vh] overflow-auto rounded-md border border-line">
        <table className="w-full min-w-[620px] border-collapse text-[14px]">
          <thead className="sticky top-0 bg-wash text-left text-[12.5px] text-soft">
            <tr>
              <th className="w-[84px] p-2 font-normal" />
              <th className="w-1/2 p-2 font-normal">Now</th>
              <th className="w-1/2 p-2 font-normal">Then</th>
              <th className="p-2 text-right font-normal">Entries</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((change) => (
              <tr
                key={(change.after ?? change.before)?.id}
                className={`border-t border-line/60 align-top ${isPoint(change) ? '' : 'font-semibold'}`}
              >
                <td className={`p-2 text-[13px] font-semibold ${TONES[change.kind]}`}>
                  {KINDS[change.kind]}
                </td>
                <td className="p-2">
                  <Line node={change.before} />
                </td>
                <td className="p-2">
                  {change.kind === 'REWORDED' ? (
                    <>
                      <b className="mr-2 text-petrol">{change.after?.code}</b>
                      <ChangedWords words={change.words} />
                    </>
                  ) : (
                    <Line node={change.after} />
                  )}
                </td>
                <td className="p-2 text-right text-soft">{change.notches || ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {rows.length === 0 && <p className="p-3 text-soft">No line is different.</p>}
      </div>
    </>
  );
}

function Line({ node }: { node: Change['before'] }) {
  if (!node) return <span className="text-soft">–</span>;
  return (
    <>
      <b className="mr-2 text-petrol">{node.code}</b>
      {node.title}
      {node.tier === 'EXTENDED' && <span className="text-soft"> · extended</span>}
      {node.years && <span className="text-soft"> · {node.years}</span>}
    </>
  );
}
