import { type DragEvent, type ReactNode, useState } from 'react';
import { Button } from '../../ui';
import { ClipFrame } from '../link';
import { SourceLine } from '../source';
import type { Item } from './details';
import { MarksOf } from './MarksOf';
import { Moved } from './Moved';
import { playerOf } from './playerOf';
import type { ShapeProps } from './shapeProps';
import { ThingMark, ThingName } from './ThingName';
import { useSome } from './useSome';
import { Values } from './Values';

type Props = ShapeProps & {
  /** What can be done to a thing beside opening it. */
  acts: (item: Item) => ReactNode;
  /** Where things stand in the student's own order, one is dragged before another, or behind the last. */
  onDrop?: (dragged: string, before: string | undefined) => void;
};

/** Things one below the other with what was said of them, under their headings where they stand in the student's own order. */
export function ListShape({ items, own, look, onOpen, onTell, reading, acts, onDrop }: Props) {
  const isOwnOrder = look.sorts.length === 0;
  const { some, more } = useSome(items, look);
  const [playing, setPlaying] = useState<string>();
  return (
    <>
      <ol className="rounded-md bg-card px-3.5 pb-1">
        {some.map((item, at) => (
          <Row key={item.id} item={item} next={items[at + 1]?.id} onDrop={onDrop}>
            {isOwnOrder && item.heading && item.heading !== items[at - 1]?.heading && (
              <h2 className="mt-3 mb-1 text-[16px] first:mt-0">{item.heading}</h2>
            )}
            <div className="flex items-start gap-3 border-b border-line py-2.5">
              <span className="mt-1 flex w-5 justify-center text-soft">
                <ThingMark item={item} />
              </span>
              <div className="min-w-0 flex-1">
                <ThingName item={item} />
                <MarksOf item={item} />
                {item.sameAs && (
                  <span className="ml-2 text-[13px] text-brass">the same page is in here twice</span>
                )}
                {item.why && <p className="whitespace-pre-line">{item.why}</p>}
                {item.note && <p className="line-clamp-4 whitespace-pre-line text-soft">{item.note}</p>}
                <Values item={item} aspects={own} />
                <SourceLine source={{ ...item.found, trust: item.source.trust }} />
                {item.takenFrom && <p className="text-[13px] text-soft">from {item.takenFrom}</p>}
                <Moved item={item} onTell={onTell} isRead={!!reading} />
                <div className="flex flex-wrap items-center gap-x-2">
                  <Button
                    look="quiet"
                    className="-ml-1.5 text-[13.5px]"
                    aria-label={`${opening(item, !!reading)}: ${item.title}`}
                    onClick={() => onOpen(item)}
                  >
                    {opening(item, !!reading)}
                  </Button>
                  {item.card?.clip && (
                    <Button
                      look="quiet"
                      className="text-[13.5px]"
                      aria-label={`${playing === item.id ? 'Close the clip' : 'Play'}: ${item.title}`}
                      onClick={() => setPlaying(playing === item.id ? undefined : item.id)}
                    >
                      {playing === item.id ? 'Close the clip' : 'Play'}
                    </Button>
                  )}
                  {acts(item)}
                </div>
                {playing === item.id && <ClipFrame title={item.title} player={playerOf(item)} />}
              </div>
            </div>
          </Row>
        ))}
      </ol>
      {more}
    </>
  );
}

const opening = ({ why }: Item, isRead: boolean): string => {
  if (isRead) return 'See all of it';
  return why ? 'Say more' : 'Say why I kept it';
};

const DRAGGED = 'application/x-notchbook-thing';

type RowProps = { item: Item; next: string | undefined; onDrop: Props['onDrop']; children: ReactNode };

/** A thing that can be dragged before another, or behind it, by where in it the pointer is. */
function Row({ item, next, onDrop, children }: RowProps) {
  const [part, setPart] = useState<'before' | 'after'>();
  return (
    <li
      draggable={!!onDrop}
      className={`${part === 'before' ? 'shadow-[inset_0_3px_var(--petrol)]' : ''} ${part === 'after' ? 'shadow-[inset_0_-3px_var(--petrol)]' : ''}`}
      onDragStart={(event) => event.dataTransfer.setData(DRAGGED, item.id)}
      onDragOver={(event) => {
        if (!onDrop || !event.dataTransfer.types.includes(DRAGGED)) return;
        event.preventDefault();
        setPart(halfAt(event));
      }}
      onDragLeave={() => setPart(undefined)}
      onDrop={(event) => {
        const dragged = event.dataTransfer.getData(DRAGGED);
        setPart(undefined);
        if (!dragged) return;
        event.preventDefault();
        event.stopPropagation();
        if (dragged !== item.id) onDrop?.(dragged, halfAt(event) === 'before' ? item.id : next);
      }}
    >
      {children}
    </li>
  );
}

const halfAt = ({ clientY, currentTarget }: DragEvent): 'before' | 'after' => {
  const { top, height } = currentTarget.getBoundingClientRect();
  return clientY <= top + height / 2 ? 'before' : 'after';
};
