import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { Card, Empty, Heading, plural } from '../../ui';
import { useMe } from '../people';
import { weeklyQuery } from './queries';
import { byListName, STATE_WORDS } from './words';

type Line = Api['SheetOfStudent'];

/** Who of a class has written the sheet of a week, without reading it; a sheet that was handed in is read like all work. */
export function WeeklyScreen() {
  const { class: classId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const me = useMe();
  const week = Number(search.get('week')) || undefined;
  const register = useSuspenseQuery(weeklyQuery(classId, week)).data;
  const name = me.classes.find((one) => one.id === classId)?.name;
  const written = register.students.filter((line) => line.isWritten).length;
  return (
    <div className="max-w-3xl">
      <Heading name={`Weekly sheets of ${name}`} />
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <label className="flex items-center gap-2">
          Week
          <select
            value={register.week}
            className="min-h-9 rounded-md border border-line bg-card px-2"
            onChange={(event) => setSearch({ week: event.target.value })}
          >
            {register.weeks.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </select>
        </label>
        <span>
          {written} of {register.students.length} have written.{' '}
          {register.isRead
            ? 'These sheets are handed in by themselves when the week is over.'
            : 'What they wrote is theirs until they hand it in.'}
        </span>
        <Link to={`/classes/${classId}/prompts`} className="font-semibold text-petrol hover:underline">
          Questions
        </Link>
      </div>
      <Card>
        {register.students.length === 0 && <Empty>Nobody is in this class yet.</Empty>}
        <table className="w-full text-left">
          <thead className="text-[13px]">
            <tr>
              <th className="py-1 pr-3 font-semibold">Student</th>
              <th className="px-2 font-semibold">Sheet</th>
              <th className="px-2 text-right font-semibold">Words</th>
              <th className="px-2 font-semibold">Answered in full</th>
              <th className="pl-2 font-semibold">Handed in</th>
            </tr>
          </thead>
          <tbody>
            {byListName(register.students).map((line) => (
              <tr key={line.student} className="border-t border-line">
                <th className="py-1.5 pr-3 font-normal">{line.name}</th>
                <td className={`px-2 ${line.isWritten ? '' : 'text-soft'}`}>{standing(line)}</td>
                <td className="px-2 text-right tabular-nums">{line.words > 0 && line.words}</td>
                <td className="px-2">{line.isWritten && `${line.met} of ${line.prompts}`}</td>
                <td className="pl-2">
                  {line.handedIn && (
                    <Link
                      to={`/unasked/${classId}/${line.handedIn.id}`}
                      className="text-petrol hover:underline"
                    >
                      {STATE_WORDS[line.handedIn.state]}
                    </Link>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Card>
      <p className="mt-2 text-[13.5px] text-soft">
        An answer is in full when it is as long as its question asks, typed or spoken, and has what it asks
        for. {plural(register.students.filter((line) => line.letGo).length, 'student')} let this week go.
      </p>
    </div>
  );
}

function standing({ isWritten, letGo, prompts }: Line): string {
  if (isWritten) return 'written';
  if (letGo) return 'let go';
  return prompts === 0 ? 'no notebook for this class' : 'not yet';
}
