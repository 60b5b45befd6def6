import type { ReactNode } from 'react';
import { Button } from '../../ui';
import type { Item } from './details';
import type { ShapeProps } from './shapeProps';
import { ThingMark, ThingName } from './ThingName';
import { useSome } from './useSome';
import { Values } from './Values';

type Props = ShapeProps & {
  /** What can be done to a thing beside opening it. */
  acts: (item: Item) => ReactNode;
};

/** Things one below the other with what was said of them, under their headings where they stand in the student's own order. */
export function ListShape({ items, own, look, onOpen, acts }: Props) {
  const isOwnOrder = look.sorts.length === 0;
  const { some, more } = useSome(items, look);
  return (
    <>
      <ol className="rounded-md bg-card px-3.5 pb-1">
        {some.map((item, at) => (
          <li key={item.id}>
            {isOwnOrder && item.heading && item.heading !== items[at - 1]?.heading && (
              <h2 className="mt-3 mb-1 text-[16px] first:mt-0">{item.heading}</h2>
            )}
            <div className="flex items-start gap-3 border-b border-line py-2.5">
              <span className="mt-1 flex w-5 justify-center text-soft">
                <ThingMark item={item} />
              </span>
              <div className="min-w-0 flex-1">
                <ThingName item={item} />
                {item.sameAs && (
                  <span className="ml-2 text-[13px] text-brass">the same page is in here twice</span>
                )}
                {item.why && <p className="whitespace-pre-line">{item.why}</p>}
                {item.note && <p className="whitespace-pre-line text-soft">{item.note}</p>}
                <Values item={item} aspects={own} />
                <div className="flex flex-wrap items-center gap-x-2">
                  <Button
                    look="quiet"
                    className="-ml-1.5 text-[13.5px]"
                    aria-label={`Say more: ${item.title}`}
                    onClick={() => onOpen(item)}
                  >
                    {item.why ? 'Say more' : 'Say why I kept it'}
                  </Button>
                  {acts(item)}
                </div>
              </div>
            </div>
          </li>
        ))}
      </ol>
      {more}
    </>
  );
}
