/** The numbers of teaching weeks over their columns, this week's standing out. */
export function WeekNumbers({ weeks, week }: { weeks: number; week: number | undefined }) {
  return (
    <>
      <span className="sr-only">Weeks</span>
      <span className="flex" aria-hidden="true">
        {Array.from({ length: weeks }, (_, i) => (
          <span
            key={i}
            className={`flex-1 text-center text-[11px] ${i + 1 === week ? 'font-bold text-rust' : ''}`}
          >
            {i + 1}
          </span>
        ))}
      </span>
    </>
  );
}
