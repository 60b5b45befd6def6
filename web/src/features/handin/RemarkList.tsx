import type { Api } from '../../api';
import { Button, Card, Empty, Key } from '../../ui';
import { SoundPlayer } from '../voice';

type Props = {
  remarks: readonly Api['RemarkView'][];
  canWithdraw: boolean;
  isByPiece: boolean;
  onWithdraw: (remark: string) => void;
  onByPiece: () => void;
};

/** All that was said about a version, each leading to its place; and how the next one is gone to. */
export function RemarkList({ remarks, canWithdraw, isByPiece, onWithdraw, onByPiece }: Props) {
  return (
    <Card title="Remarks">
      {remarks.length === 0 && <Empty>None yet.</Empty>}
      <ol>
        {remarks.map((one) => (
          <li
            key={one.id}
            className="flex flex-wrap items-baseline gap-2 border-b border-line py-1.5 last:border-0"
          >
            <b>{one.number}</b>
            <a href={`#sealed-${one.anchor.entry ?? ''}`} className="flex-1 hover:text-petrol">
              {one.gist}
            </a>
            {one.sound && one.anchor.about === 'WHOLE' && (
              <SoundPlayer
                id={one.id}
                media={one.sound}
                name={`Remark ${one.number}, spoken by ${one.author}`}
              />
            )}
            {canWithdraw && (
              <Button
                look="quiet"
                className="min-h-[24px]"
                onClick={() => onWithdraw(one.id)}
                aria-label={`Withdraw remark ${one.number}`}
              >
                Withdraw
              </Button>
            )}
          </li>
        ))}
      </ol>
      <label className="mt-2 flex min-h-[28px] items-center gap-2 text-[13.5px]">
        <input
          type="checkbox"
          className="size-[20px] accent-petrol"
          checked={isByPiece}
          onChange={onByPiece}
        />
        <span className="flex-1">Stay at this piece from student to student</span>
        <Key>P</Key>
      </label>
    </Card>
  );
}
