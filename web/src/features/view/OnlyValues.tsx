import { Popover } from 'radix-ui';
import { Tick } from '../../ui';
import { type Aspect, shown } from './details';

type Props = {
  aspect: Aspect;
  chosen: readonly string[];
  values: readonly string[];
  onChoose: (values: string[]) => void;
};

/** The values of a detail that a view is narrowed to, several at once; the empty one stands for things without any. */
export function OnlyValues({ aspect, chosen, values, onChoose }: Props) {
  const name = (value: string) => (value ? shown(aspect, value) : 'without one');
  const toggle = (value: string) =>
    onChoose(chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value]);
  const [first = '', ...more] = chosen;
  return (
    <Popover.Root>
      <Popover.Trigger className="min-h-8 max-w-60 truncate rounded-md border border-petrol bg-petrol-wash px-2">
        {aspect.name}: {name(first)}
        {more.length > 0 && ` and ${more.length} more`}
      </Popover.Trigger>
      <Popover.Content
        align="start"
        sideOffset={4}
        className="z-40 max-h-[50vh] w-64 overflow-auto rounded-md border border-line bg-card p-2.5 shadow-lg"
      >
        <fieldset>
          <legend className="mb-1 font-semibold">Only things with “{aspect.name}”</legend>
          {[...values, ''].map((value) => (
            <Tick key={value} checked={chosen.includes(value)} onChange={() => toggle(value)}>
              {name(value)}
            </Tick>
          ))}
        </fieldset>
        <button
          type="button"
          className="mt-1 min-h-8 font-semibold text-petrol hover:underline"
          onClick={() => onChoose([])}
        >
          Not by this
        </button>
      </Popover.Content>
    </Popover.Root>
  );
}
