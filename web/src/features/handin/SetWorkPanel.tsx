import { useQuery } from '@tanstack/react-query';
import { Fragment } from 'react';
import { NavLink, useMatch, useParams } from 'react-router';
import type { Api } from '../../api';
import { useMe } from '../people';
import { dueLine, setWorkQuery } from '../setwork';
import { turnsOf, useRegister } from './useQueue';
import { byListName, listName, PROGRESS_WORDS, versionWords } from './words';

/** A teacher's contents: what was set, or, inside it, who has handed in and who has not. */
export function SetWorkPanel({ onGo }: { onGo: () => void }) {
  const { setWork } = useParams();
  const isUnasked = !!useMatch('/unasked/:class/*');
  return (
    <nav
      aria-label="Contents"
      onClick={(event) => (event.target as HTMLElement).closest('a') && onGo()}
      onKeyDown={undefined}
    >
      {setWork || isUnasked ? <Register /> : <AllSetWork />}
    </nav>
  );
}

const row = ({ isActive }: { isActive: boolean }) =>
  `flex items-baseline gap-2 rounded-md border-l-[3px] px-2.5 py-1.5 hover:bg-card ${isActive ? 'border-petrol bg-card font-semibold' : 'border-transparent'}`;

function AllSetWork() {
  const me = useMe();
  const all = useQuery(setWorkQuery).data ?? [];
  return (
    <>
      <p className="px-2.5 pb-1 font-head text-[16px] font-bold">Set work</p>
      <NavLink to="/register" className={row}>
        Who is in
      </NavLink>
      {all.map(({ setWork, waiting }) => (
        <NavLink key={setWork.id} to={`/set-work/${setWork.id}`} className={row}>
          <span className="flex-1">{setWork.title}</span>
          <span className="text-[13px] text-soft">{waiting > 0 && `${waiting} to read`}</span>
        </NavLink>
      ))}
      <hr className="mx-3 my-3 border-line" />
      {me.classes.map((one) => (
        <Fragment key={one.id}>
          <NavLink to={`/classes/${one.id}`} end className={row}>
            Coverage of {one.name}
          </NavLink>
          <NavLink to={`/classes/${one.id}/said`} className={row}>
            Said to {one.name}
          </NavLink>
          <NavLink to={`/classes/${one.id}/noticeboard`} className={row}>
            Noticeboard of {one.name}
          </NavLink>
          <NavLink to={`/classes/${one.id}/groups`} className={row}>
            Groups of {one.name}
          </NavLink>
          <NavLink to={`/classes/${one.id}/sheets`} className={row}>
            Weekly sheets of {one.name}
          </NavLink>
          <NavLink to={`/classes/${one.id}/book-patterns`} className={row}>
            Books of the year of {one.name}
          </NavLink>
          <NavLink to={`/unasked/${one.id}`} className={row}>
            Sent unasked by {one.name}
          </NavLink>
        </Fragment>
      ))}
    </>
  );
}

function Register() {
  const { query, path } = useRegister();
  const register = useQuery(query).data;
  if (!register) return null;
  const { setWork, className } = register.to;
  const isIn = (line: Api['RegisterLine']) => !!line.latest;
  const students = byListName(register.students);
  const inside = students.filter(isIn);
  return (
    <>
      <NavLink to={path} end className="block px-2.5 font-head text-[16px] font-bold hover:text-petrol">
        {setWork?.title ?? 'Sent unasked'}
      </NavLink>
      <p className="px-2.5 pb-2 text-[13px] text-soft">
        {setWork ? `${dueLine(setWork)} · ${inside.length} of ${students.length} in` : className}
      </p>
      {turnsOf(register).map(({ line, version }) => (
        <NavLink key={version.id} to={`${path}/${version.id}`} className={row}>
          <span className="flex-1 whitespace-nowrap">{listName(line.name)}</span>
          <span
            className={`text-right text-[12.5px] ${version.state === 'WAITING' ? 'font-semibold text-petrol' : 'text-soft'}`}
          >
            {versionWords(version)}
            {line.late && version === line.latest && <b className="text-rust"> late</b>}
          </span>
        </NavLink>
      ))}
      {setWork && inside.length < students.length && (
        <p className="mt-3 px-2.5 text-[13px] font-semibold">Not in yet</p>
      )}
      {students
        .filter((line) => setWork && !isIn(line))
        .map((line) => (
          <p key={line.student} className="flex items-baseline justify-between px-3 py-1 text-soft">
            {listName(line.name)}
            <span className="text-[12.5px]">{PROGRESS_WORDS[line.progress]}</span>
          </p>
        ))}
      <NavLink to="/set-work" end className="mt-4 block px-2.5 font-semibold text-petrol hover:underline">
        All set work
      </NavLink>
    </>
  );
}
