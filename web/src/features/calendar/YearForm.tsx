import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, sendForm, unwrap } from '../../api';
import { Button, Card, TextField, Trouble } from '../../ui';
import { CalendarDays } from './CalendarDays';
import { DayRows } from './DayRows';
import { addable, type Break, isLong, withMore, type Year } from './yearForm';

type Props = { id: string; year: Year; onKept: (id: string) => void };

/** A school year to change: its days, and the days without school among them. */
export function YearForm({ id, year: before, onKept }: Props) {
  const queries = useQueryClient();
  const [year, setYear] = useState<Year>({
    name: before.name,
    firstDay: before.firstDay,
    lastDay: before.lastDay,
    terms: before.terms,
    breaks: before.breaks,
  });
  const [found, setFound] = useState<Break[]>();
  const file = useRef<HTMLInputElement>(null);
  const keep = useMutation({
    mutationFn: () => unwrap(api.PUT('/api/school-years/{id}', { params: { path: { id } }, body: year })),
    onSuccess: async () => {
      // Week numbers follow from the year, and they stand on every screen.
      await queries.invalidateQueries();
      onKept(id);
    },
  });
  const look = useMutation({
    mutationFn: (of: File) => sendForm<Break[]>('POST', '/api/calendar-files', { blob: of, name: of.name }),
    onSuccess: setFound,
  });
  return (
    <Card>
      <Trouble>{keep.error?.message ?? look.error?.message}</Trouble>
      <div className="grid gap-x-3 sm:grid-cols-3">
        <TextField
          label="Name"
          value={year.name}
          maxLength={40}
          onChange={(event) => setYear({ ...year, name: event.target.value })}
        />
        <TextField
          label="First day"
          type="date"
          value={year.firstDay}
          onChange={(event) => setYear({ ...year, firstDay: event.target.value })}
        />
        <TextField
          label="Last day"
          type="date"
          value={year.lastDay}
          onChange={(event) => setYear({ ...year, lastDay: event.target.value })}
        />
      </div>
      <DayRows
        label="Terms"
        noun="term"
        rows={year.terms}
        onChange={(terms) => setYear({ ...year, terms })}
        from={year.firstDay}
      />
      <p className="mb-3 text-[13.5px] text-soft">
        {year.terms.length > 0
          ? 'Days in no term are without school.'
          : 'Without terms, the whole year is taught but for its breaks.'}
      </p>
      <DayRows
        label="Breaks and closed days"
        noun="break"
        rows={year.breaks}
        onChange={(breaks) => setYear({ ...year, breaks })}
        from={year.firstDay}
      />
      {found && (
        <CalendarDays
          days={addable(found, year)}
          onAdd={(more) => {
            setYear({
              ...year,
              terms: withMore(year.terms, more.filter(isLong)),
              breaks: withMore(
                year.breaks,
                more.filter((one) => !isLong(one)),
              ),
            });
            setFound(undefined);
          }}
        />
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="act" disabled={keep.isPending} onClick={() => keep.mutate()}>
          Keep the school year
        </Button>
        <Button onClick={() => file.current?.click()}>Read days from a calendar file</Button>
        <input
          ref={file}
          type="file"
          accept=".ics,text/calendar"
          className="hidden"
          aria-label="Calendar file"
          onChange={(event) => event.target.files?.[0] && look.mutate(event.target.files[0])}
        />
        <span className="text-[13.5px] text-soft">Everybody at the school sees it.</span>
      </div>
    </Card>
  );
}
