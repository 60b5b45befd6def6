import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button, Card, Dialog, Empty, Key } from '../../ui';
import { stockQuery } from './queries';

type Stock = Api['StockRemarkView'];

/** As many as there are keys of digits. */
const KEYED = 9;

/** A teacher's own sentences; each of the first nine is put in by its digit. */
export function StockCard({ onPut, canPut }: { onPut: (words: string) => void; canPut: boolean }) {
  const stock = useStock();
  const [isChanging, setChanging] = useState(false);
  return (
    <Card
      title="My sentences"
      aside={
        <Button look="quiet" className="min-h-[24px]" onClick={() => setChanging(true)}>
          Change
        </Button>
      }
    >
      {stock.all.length === 0 && <Empty>What you say often, to be put in by one key.</Empty>}
      <ul>
        {stock.all.map((one, i) => (
          <li key={one.id} className="border-b border-line last:border-0">
            <button
              type="button"
              disabled={!canPut}
              onClick={() => onPut(one.words)}
              className="flex min-h-8 w-full items-baseline gap-2 py-1 text-left enabled:hover:text-petrol"
            >
              {i < KEYED && <Key>{`${i + 1}`}</Key>}
              <span>{one.words}</span>
            </button>
          </li>
        ))}
      </ul>
      {isChanging && <StockDialog stock={stock} onClose={() => setChanging(false)} />}
    </Card>
  );
}

/** The sentences, and how they are kept: at once on the screen, then by the outbox. */
export function useStock() {
  const all = useQuery(stockQuery).data ?? [];
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const keep = (next: Stock[]) => {
    queries.setQueryData(stockQuery.queryKey, next);
    outbox.act({ pageId: '', method: 'PUT', path: '/api/stock-remarks', body: { sentences: next } });
  };
  return { all, keep };
}

function StockDialog({ stock, onClose }: { stock: ReturnType<typeof useStock>; onClose: () => void }) {
  const { all, keep } = stock;
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const words = String(new FormData(form).get('words')).trim();
    if (words) keep([...all, { id: newId(), words }]);
    form.reset();
  };
  const change = (id: string, words: string) =>
    keep(
      words.trim()
        ? all.map((one) => (one.id === id ? { id, words } : one))
        : all.filter((one) => one.id !== id),
    );
  return (
    <Dialog title="My sentences" onClose={onClose}>
      <ol className="grid gap-2">
        {all.map((one, i) => (
          <li key={one.id} className="flex items-center gap-2">
            <Key>{`${i + 1}`}</Key>
            <input
              aria-label={`Sentence ${i + 1}`}
              defaultValue={one.words}
              maxLength={500}
              className="min-h-8 min-w-0 flex-1 rounded border border-line bg-card px-2"
              onBlur={(event) => change(one.id, event.target.value)}
            />
            {i > 0 && (
              <Button
                look="quiet"
                aria-label={`Move sentence ${i + 1} up`}
                onClick={() => keep(movedUp(all, i))}
              >
                Up
              </Button>
            )}
            <Button look="quiet" aria-label={`Delete sentence ${i + 1}`} onClick={() => change(one.id, '')}>
              Delete
            </Button>
          </li>
        ))}
      </ol>
      <form onSubmit={add} className="mt-3 flex gap-2">
        <input
          name="words"
          aria-label="A new sentence"
          placeholder="Say how you know."
          maxLength={500}
          className="min-h-8 min-w-0 flex-1 rounded border border-line bg-card px-2"
        />
        <Button type="submit" look="act">
          Add
        </Button>
      </form>
    </Dialog>
  );
}

/** The sentences with one of them before the one above it. */
export const movedUp = (all: readonly Stock[], at: number): Stock[] => {
  const moving = all[at];
  return moving ? all.toSpliced(at, 1).toSpliced(at - 1, 0, moving) : [...all];
};
