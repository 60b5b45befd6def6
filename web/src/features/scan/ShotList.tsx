import { type DragEvent, type KeyboardEvent, useState } from 'react';
import type { Api } from '../../api';
import { shotLine, shotName } from './words';

type Shot = Api['ShotView'];
const DRAGGED_SHOT = 'application/x-notchbook-shot';

type Props = {
  shots: Shot[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
  onOrder: (ids: string[]) => void;
};

/** The photos in order; dragged, or moved with Alt and the arrow keys. */
export function ShotList({ shots, chosen, onChoose, onOrder }: Props) {
  const [over, setOver] = useState<string>();
  const ids = shots.map((shot) => shot.id);
  const move = (id: string, to: number) => {
    const rest = ids.filter((one) => one !== id);
    rest.splice(to, 0, id);
    onOrder(rest);
  };
  const press = (event: KeyboardEvent, at: number) => {
    const by = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!by) return;
    event.preventDefault();
    const to = at + by;
    const other = ids[to];
    if (!other) return;
    if (event.altKey) return move(ids[at] ?? '', to);
    onChoose(other);
    document.getElementById(`shot-${other}`)?.focus();
  };
  const drop = (event: DragEvent, at: number) => {
    const id = event.dataTransfer.getData(DRAGGED_SHOT);
    setOver(undefined);
    if (!id) return;
    event.preventDefault();
    event.stopPropagation();
    move(id, at);
  };
  return (
    <ol
      className="flex gap-1 overflow-x-auto pb-2 lg:flex-col lg:overflow-visible"
      aria-label="Photos in order"
    >
      {shots.map((shot, at) => (
        <li
          key={shot.id}
          draggable
          onDragStart={(event) => event.dataTransfer.setData(DRAGGED_SHOT, shot.id)}
          onDragOver={(event) => {
            if (!event.dataTransfer.types.includes(DRAGGED_SHOT)) return;
            event.preventDefault();
            setOver(shot.id);
          }}
          onDragLeave={() => setOver(undefined)}
          onDrop={(event) => drop(event, at)}
          className={`shrink-0 rounded-md ${over === shot.id ? 'outline-2 outline-petrol outline-dashed' : ''}`}
        >
          <button
            type="button"
            id={`shot-${shot.id}`}
            aria-current={shot.id === chosen}
            onClick={() => onChoose(shot.id)}
            onKeyDown={(event) => press(event, at)}
            className={`flex w-32 flex-col items-start gap-1 rounded-md border-l-4 p-2 text-left lg:w-full lg:flex-row lg:items-center lg:gap-2.5 ${
              shot.id === chosen ? 'border-petrol bg-card' : 'border-transparent hover:bg-card'
            }`}
          >
            <span className="w-4 shrink-0 text-center font-bold text-soft">{shot.number ?? '–'}</span>
            <Thumbnail shot={shot} />
            <ShotWords shot={shot} shots={shots} />
          </button>
        </li>
      ))}
    </ol>
  );
}

function Thumbnail({ shot }: { shot: Shot }) {
  return (
    <img
      src={`/api/media/${(shot.picture ?? shot.photo).id}/screen`}
      alt=""
      className={`h-20 w-16 shrink-0 rounded-sm border border-line bg-card object-contain ${shot.isLeftOut ? 'opacity-40' : ''}`}
      draggable={false}
    />
  );
}

function ShotWords({ shot, shots }: { shot: Shot; shots: Shot[] }) {
  const line = shotLine(shot, shots);
  return (
    <span className="min-w-0 flex-1">
      <b className="line-clamp-1 break-all">{shotName(shot)}</b>
      <span className={`line-clamp-2 text-[13px] ${line.isBad ? 'text-rust' : 'text-soft'}`}>
        {line.words}
      </span>
    </span>
  );
}
