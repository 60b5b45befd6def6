import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import type { Seen } from '../../core/view';
import { Button } from '../../ui';
import { DetailMenu } from './DetailMenu';
import { type Aspect, amount, type Item, shown, valuesOf } from './details';
import type { Look } from './look';
import { sortedBy } from './look';
import { MarksOf } from './MarksOf';
import { offeredQuery } from './queries';
import type { ShapeProps } from './shapeProps';
import { ThingMark } from './ThingName';
import { useSome } from './useSome';
import { ValueField } from './ValueField';

/** Things in rows, their details in columns that can be typed in; below them what the numbers add up to. */
export function TableShape({
  collection,
  items,
  seen,
  own,
  look,
  onLook,
  onTell,
  onOpen,
  reading,
}: ShapeProps) {
  const offered = useQuery({ ...offeredQuery(collection.id), enabled: !reading }).data ?? [];
  const body = useRef<HTMLTableSectionElement>(null);
  const { some, more } = useSome(items, look);
  /** Down a column, row after row. */
  const go = (row: number, column: number) =>
    body.current?.rows[row]?.cells[column]?.querySelector<HTMLElement>('input, select')?.focus();
  return (
    <div className="overflow-x-auto rounded-md bg-card">
      <table className="w-full border-collapse text-left">
        <thead className="text-[13px]">
          <tr className="border-b border-line">
            <th scope="col" className="px-3 py-2 font-semibold">
              <SortButton look={look} aspect={{ key: 'title', name: 'Name' }} onLook={onLook} />
            </th>
            {own.map((aspect) => (
              <th key={aspect.key} scope="col" className="px-2 py-2 font-semibold whitespace-nowrap">
                <SortButton look={look} aspect={aspect} onLook={onLook} />
                {aspect.own && !reading && <DetailMenu collection={collection} detail={aspect.own} />}
              </th>
            ))}
          </tr>
        </thead>
        <tbody ref={body}>
          {some.map((item, row) => (
            <tr key={item.id} className="border-b border-line last:border-0">
              <th scope="row" className="min-w-52 px-3 py-1 font-normal">
                <span className="flex items-center gap-2.5">
                  <span className="flex w-4 justify-center text-soft">
                    <ThingMark item={item} />
                  </span>
                  <Button
                    look="quiet"
                    className="-ml-1.5 text-left"
                    aria-label={`${item.title}, say more`}
                    onClick={() => onOpen(item)}
                  >
                    {item.title}
                  </Button>
                  <MarksOf item={item} />
                </span>
              </th>
              {own.map(
                (aspect, column) =>
                  aspect.own && (
                    <td key={aspect.key} className={`min-w-28 py-0.5 ${reading ? 'px-3' : 'px-1'}`}>
                      {reading ? (
                        valuesOf(item, aspect.key)
                          .map((value) => shown(aspect, value))
                          .join(', ')
                      ) : (
                        <ValueField
                          detail={aspect.own}
                          name={`${aspect.name} of ${item.title}`}
                          values={valuesOf(item, aspect.key)}
                          offered={offered.find(({ name }) => name === aspect.name)?.values ?? []}
                          className="border-transparent! hover:border-line! focus:border-petrol!"
                          onType={(values) => onTell(item, { values: { [aspect.key]: values } })}
                          onEnter={(isBack) => go(row + (isBack ? -1 : 1), column + 1)}
                        />
                      )}
                    </td>
                  ),
              )}
            </tr>
          ))}
        </tbody>
        <Figures items={items} seen={seen} own={own} />
      </table>
      {more}
    </div>
  );
}

type SortProps = { look: Look; aspect: Pick<Aspect, 'key' | 'name'>; onLook: (look: Look) => void };

function SortButton({ look, aspect: { key, name }, onLook }: SortProps) {
  const at = look.sorts.findIndex((sort) => sort.detail === key);
  const sort = look.sorts[at];
  const way = sort && (sort.isFalling ? 'most first' : 'least first');
  return (
    <button
      type="button"
      aria-label={way ? `${name}, ${way}` : name}
      className="min-h-7 font-semibold hover:text-petrol"
      onClick={() => onLook(sortedBy(look, key))}
    >
      {name}
      {sort && (
        <span aria-hidden="true" className="ml-1 text-petrol">
          {sort.isFalling ? '↓' : '↑'}
          {look.sorts.length > 1 && at + 1}
        </span>
      )}
    </button>
  );
}

/** In the order in which the core gives them, behind how many there are and how many lack one. */
const FIGURES = ['sum', 'mean', 'least', 'most'] as const;

function Figures({ items, seen, own }: { items: Item[]; seen: Seen; own: readonly Aspect[] }) {
  const numbers = own.filter(({ scale }) => scale === 'NUMBERS');
  if (numbers.length === 0 || items.length === 0) return null;
  const figures = new Map(numbers.map(({ key }) => [key, seen.figures(key)]));
  return (
    <tfoot className="border-t-2 border-line text-[13px]">
      <tr>
        <FigureName name="how many" />
        {own.map(({ key }) => {
          const [count = 0, missing = 0] = figures.get(key) ?? [];
          return (
            <td key={key} className="px-3 py-0.5">
              {figures.has(key) && `${count}, ${missing} without`}
            </td>
          );
        })}
      </tr>
      {FIGURES.map((name, at) => (
        <tr key={name}>
          <FigureName name={name} />
          {own.map(({ key, own: detail }) => {
            const value = figures.get(key)?.[at + 2];
            return (
              <td key={key} className="px-3 py-0.5">
                {value !== undefined && amount(value, detail?.unit)}
              </td>
            );
          })}
        </tr>
      ))}
    </tfoot>
  );
}

function FigureName({ name }: { name: string }) {
  return (
    <th scope="row" className="px-3 py-0.5 text-right font-normal text-soft">
      {name}
    </th>
  );
}
