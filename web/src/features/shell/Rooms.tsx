import { NavLink, useLocation } from 'react-router';
import type { Api } from '../../api';

type Role = Api['PersonView']['role'];

/** The rooms that belong to no single notebook or class. */
export const ROOMS: Record<Role, { to: string; name: string; at: RegExp }[]> = {
  STUDENT: [
    { to: '/', name: 'This week', at: /^\/(week|$)/ },
    { to: '/collections', name: 'Collections', at: /^\/(collections|shown)/ },
    { to: '/hand-ins', name: 'Hand-ins', at: /^\/hand-ins/ },
    { to: '/school-years', name: 'Year', at: /^\/school-years/ },
  ],
  TEACHER: [
    { to: '/set-work', name: 'Set work', at: /^\/set-work/ },
    { to: '/collections', name: 'Collections', at: /^\/(collections|shown)/ },
    { to: '/syllabi', name: 'Syllabi', at: /^\/syllabi/ },
    { to: '/school-years', name: 'Year', at: /^\/school-years/ },
  ],
  KEEPER: [
    { to: '/school', name: 'People and classes', at: /^\/school$/ },
    { to: '/school-years', name: 'Year', at: /^\/school-years/ },
  ],
};

/** They stand in the head, on a phone at the top of what the button for the contents opens. */
export function Rooms({
  role,
  className,
  look,
  onGo,
}: {
  role: Role;
  className: string;
  look: (isHere: boolean) => string;
  onGo?: () => void;
}) {
  const { pathname } = useLocation();
  return (
    <nav aria-label="Rooms of all notebooks" className={className}>
      {ROOMS[role].map((room) => {
        const isHere = room.at.test(pathname);
        return (
          <NavLink
            key={room.to}
            onClick={onGo}
            to={room.to}
            className={look(isHere)}
            aria-current={isHere ? 'page' : undefined}
          >
            {room.name}
          </NavLink>
        );
      })}
    </nav>
  );
}
