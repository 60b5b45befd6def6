import { type Aspect, type Item, shown, valuesOf } from './details';

/** The values of a thing, each with the name of its detail where that is not clear by itself. */
export function Values({ item, aspects }: { item: Item; aspects: readonly Aspect[] }) {
  const all = aspects
    .map((aspect) => ({ aspect, values: valuesOf(item, aspect.key).map((value) => shown(aspect, value)) }))
    .filter(({ values }) => values.length > 0);
  if (all.length === 0) return null;
  return (
    <ul className="mt-0.5 flex flex-wrap gap-x-3 gap-y-0.5 text-[13px]">
      {all.map(({ aspect, values }) => (
        <li key={aspect.key}>
          <span className="text-soft">{aspect.name} </span>
          {values.join(', ')}
        </li>
      ))}
    </ul>
  );
}
