import type { Api } from '../../api';
import { evidenceOf, Key, Shape } from '../../ui';
import { DRAGGED_ENTRY, GlimpseLook } from '../entry';

type Props = {
  work: Api['Glimpse'];
  /** The key that draws it in. */
  letter?: string;
  /** What else is said of it. */
  says?: string;
  isDrawn: boolean;
  onDraw: () => void;
  onDrag?: () => void;
};

/** A piece of work, small, to be pressed or dragged into an answer. */
export function WorkButton({ work, letter, says, isDrawn, onDraw, onDrag }: Props) {
  return (
    <button
      type="button"
      draggable
      aria-pressed={isDrawn}
      title={work.name}
      className={`flex h-full w-full cursor-grab flex-col overflow-hidden rounded-md border-2 bg-card text-left ${isDrawn ? 'border-petrol' : 'border-line hover:border-petrol'}`}
      onDragStart={(event) => {
        event.dataTransfer.setData(DRAGGED_ENTRY, work.id);
        onDrag?.();
      }}
      onClick={onDraw}
    >
      <GlimpseLook work={work} className="h-[34px] w-full shrink-0 border-b border-line" />
      <span className="flex w-full items-start gap-1.5 p-1.5 text-[13px] leading-snug">
        <span className="mt-[3px] flex">
          <Shape kind={evidenceOf(work.kind)} size={10} />
        </span>
        <span className="min-w-0 flex-1">
          <span className="line-clamp-2 break-words">{work.name}</span>
          {says && <span className="block text-[12px] text-soft">{says}</span>}
        </span>
        {letter && (
          <span className="text-soft">
            <Key>{letter.toUpperCase()}</Key>
          </span>
        )}
      </span>
    </button>
  );
}
