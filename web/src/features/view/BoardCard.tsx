import { Handle, type Node, type NodeProps, Position } from '@xyflow/react';
import { memo } from 'react';
import { CARD } from './laidOut';

export type CardNode = Node<{ title: string; says: string; group: string; colour: string }, 'thing'>;

/** A thing on the board; the ring at its right edge is where a tie is drawn from, a whole card is where it ends. */
export const BoardCard = memo(function BoardCard({ data, selected }: NodeProps<CardNode>) {
  return (
    <div
      className={`group relative overflow-visible rounded-md border bg-card shadow-[0_1px_5px_rgb(23_38_45/14%)] ${selected ? 'border-petrol outline-2 outline-petrol' : 'border-line'}`}
      style={{ width: CARD.width }}
    >
      <div className="h-1.5 rounded-t-[5px]" style={{ background: data.colour }} />
      <div className="px-2.5 py-1.5">
        <b className="line-clamp-2 leading-snug">{data.title}</b>
        {data.says && <span className="block text-[13px] text-soft">{data.says}</span>}
      </div>
      <Handle
        type="source"
        position={Position.Right}
        aria-hidden="true"
        className="size-3.5! cursor-crosshair rounded-full! border-2! border-petrol! bg-card! opacity-0 group-hover:opacity-100"
      />
      <Handle
        type="target"
        position={Position.Left}
        aria-hidden="true"
        isConnectableStart={false}
        className="top-0! left-0! h-full! w-full! translate-x-0! translate-y-0! rounded-none! border-0! bg-transparent! pointer-events-none"
      />
    </div>
  );
});
