import { useState } from 'react';
import { Button, dayName, plural } from '../../ui';
import { type Break, isLong } from './yearForm';

/** The whole days of a calendar file, to choose terms and those without school among. */
export function CalendarDays({ days, onAdd }: { days: Break[]; onAdd: (chosen: Break[]) => void }) {
  const [chosen, setChosen] = useState(days);
  if (days.length === 0) {
    return <p className="mt-2 text-soft">The file has no whole day in this year that is not entered yet.</p>;
  }
  const toggle = (day: Break) =>
    setChosen(chosen.includes(day) ? chosen.filter((one) => one !== day) : [...chosen, day]);
  return (
    <fieldset className="mt-3 rounded-md border border-line p-3">
      <legend className="px-1 font-semibold">Which of these are terms, or without school?</legend>
      {days.map((day) => (
        <label key={`${day.first} ${day.name}`} className="flex min-h-7 items-center gap-2">
          <input
            type="checkbox"
            className="size-6 accent-petrol"
            checked={chosen.includes(day)}
            onChange={() => toggle(day)}
          />
          <span className="flex-1">
            {day.name}
            {isLong(day) && <span className="text-soft"> (a term)</span>}
          </span>
          <span className="text-soft">
            {dayName(day.first)}
            {day.last !== day.first && ` to ${dayName(day.last)}`}
          </span>
        </label>
      ))}
      <Button className="mt-2" onClick={() => onAdd(chosen)}>
        Add {plural(chosen.length, 'of them', 'of them')}
      </Button>
    </fieldset>
  );
}
