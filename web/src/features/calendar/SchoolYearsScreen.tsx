import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayName, Heading, plural, Radios } from '../../ui';
import { schoolYearsQuery } from './queries';
import { YearDays } from './YearDays';
import { YearForm } from './YearForm';
import { nextYear } from './yearForm';

const NEW = 'new';

/** The school years: their first and last days, terms, breaks and closed days. Whoever keeps them keeps them for everybody. */
export function SchoolYearsScreen() {
  const { years, isKept } = useSuspenseQuery(schoolYearsQuery).data;
  const [id] = useState(() => newId());
  const [chosen, setChosen] = useState(years[0]?.id ?? NEW);
  const year = years.find((one) => one.id === chosen);
  const names = Object.fromEntries([
    ...years.map((one) => [one.id, one.name]),
    ...(isKept ? [[NEW, 'Another year']] : []),
  ]) as Record<string, string>;
  const today = new Date().toISOString().slice(0, 10);
  return (
    <div className="max-w-3xl">
      <Heading name="School years" />
      <Radios label="School year" values={names} value={chosen} onChoose={setChosen} />
      {year && (
        <p className="mt-1 mb-3 text-soft">
          {dayName(year.firstDay)} {year.firstDay.slice(0, 4)} to {dayName(year.lastDay)}{' '}
          {year.lastDay.slice(0, 4)}, {plural(year.weeks, 'teaching week')}. A week counts when at least one
          of its days is a school day.
        </p>
      )}
      {isKept ? (
        <YearForm
          key={chosen}
          id={year?.id ?? id}
          year={year ?? nextYear(years[0], today)}
          onKept={setChosen}
        />
      ) : (
        year && <YearDays year={year} />
      )}
    </div>
  );
}
