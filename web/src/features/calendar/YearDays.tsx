import type { Api } from '../../api';
import { dayName } from '../../ui';

type Row = { name: string; note?: string; first: string; last: string };

/** The terms of a school year with their weeks, and its breaks, to read. */
export function YearDays({ year }: { year: Api['SchoolYearView'] }) {
  return (
    <>
      <Days label="Terms" rows={year.terms.map((term) => ({ ...term, note: term.weeks }))} />
      <Days label="Breaks and closed days" rows={year.breaks} />
    </>
  );
}

function Days({ label, rows }: { label: string; rows: Row[] }) {
  if (rows.length === 0) return null;
  return (
    <section className="mb-4">
      <h2 className="mb-1 text-[16px]">{label}</h2>
      <ul className="rounded-lg bg-card px-4 py-2">
        {rows.map((one) => (
          <li key={one.first} className="flex flex-wrap gap-x-4 border-b border-line/60 py-1.5 last:border-0">
            <span className="min-w-40 flex-1">
              {one.name}
              {one.note && <span className="text-soft"> {one.note}</span>}
            </span>
            <span className="text-soft">
              {dayName(one.first)}
              {one.last !== one.first && ` to ${dayName(one.last)}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
