import { type FormEvent, useState } from 'react';
import { Button, Dialog, Empty, plural, TextField, Tick, Trouble } from '../../ui';
import type { Collection, OwnDetail } from './details';
import { useThings } from './useThings';

type Props = { collection: Collection; detail: OwnDetail; onClose: () => void };

/** Puts one value in the place of one or several others, in all things. */
export function MergeDialog({ collection, detail, onClose }: Props) {
  const { merge, trouble } = useThings(collection.id);
  const [from, setFrom] = useState<string[]>([]);
  const [into, setInto] = useState('');
  const counts = new Map<string, number>();
  for (const value of collection.items.flatMap((item) => item.values[detail.id] ?? []))
    counts.set(value, (counts.get(value) ?? 0) + 1);
  const choose = (value: string, isIn: boolean) => {
    setFrom(isIn ? [...from, value] : from.filter((one) => one !== value));
    if (isIn && !into) setInto(value);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void merge(detail.id, from, into).then(onClose);
  };
  return (
    <Dialog title={`Values of ${detail.name}`} onClose={onClose}>
      {counts.size === 0 ? (
        <Empty>No thing has a value yet.</Empty>
      ) : (
        <form onSubmit={submit}>
          <Trouble>{trouble}</Trouble>
          <fieldset>
            <legend className="mb-1">Which values become one?</legend>
            {[...counts]
              .sort(([one], [other]) => one.localeCompare(other))
              .map(([value, count]) => (
                <Tick
                  key={value}
                  checked={from.includes(value)}
                  onChange={(event) => choose(value, event.target.checked)}
                >
                  {value} <span className="text-soft">{plural(count, 'thing')}</span>
                </Tick>
              ))}
          </fieldset>
          <div className="mt-3">
            <TextField
              label="It is called"
              value={into}
              maxLength={200}
              required
              onChange={(event) => setInto(event.target.value)}
            />
          </div>
          <Button look="act" type="submit" disabled={from.length === 0}>
            Change it everywhere
          </Button>
        </form>
      )}
    </Dialog>
  );
}
