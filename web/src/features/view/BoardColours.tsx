type Props = { by: string; colours: Map<string, string>; name: (value: string) => string };

/** What the colours mean. */
export function BoardColours({ by, colours, name }: Props) {
  return (
    <ul aria-label={`Colours by ${by}`} className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[13.5px]">
      {[...colours].map(([value, colour]) => (
        <li key={value} className="flex items-center gap-1.5">
          <span aria-hidden="true" className="h-2 w-4 rounded-full" style={{ background: colour }} />
          {name(value)}
        </li>
      ))}
    </ul>
  );
}
