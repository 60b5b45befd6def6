import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import type { Api } from '../../api';
import { Dialog, Key } from '../../ui';
import { useNotebook } from '../contents';
import { ROOMS } from './Rooms';

type Role = Api['PersonView']['role'];
type Way = { key: string; name: string; to: string };

/** Every room by a key of its own: this is opened by one key, the room by the next. */
export function GoTo({ role, onClose }: { role: Role; onClose: () => void }) {
  const go = useNavigate();
  const notebook = useNotebook();
  const ways = [...waysOfAll(role), ...(role === 'STUDENT' && notebook ? waysOf(notebook.id) : [])];
  const leave = (to: string) => {
    onClose();
    go(to);
  };
  const latest = useRef({ ways, leave });
  latest.current = { ways, leave };
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const way = latest.current.ways.find((one) => one.key === event.key.toLowerCase());
      if (!way || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      latest.current.leave(way.to);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <Dialog title="Go to" onClose={onClose}>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {ways.map((way) => (
          <li key={way.to}>
            <button
              type="button"
              onClick={() => leave(way.to)}
              className="flex min-h-9 w-full items-center justify-between gap-4 rounded px-2 text-left hover:bg-petrol-wash focus-visible:bg-petrol-wash"
            >
              {way.name}
              <Key>{way.key.toUpperCase()}</Key>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

const LETTERS: Record<string, string> = {
  'This week': 'w',
  Collections: 'l',
  'Hand-ins': 'h',
  Year: 'y',
  'Set work': 'w',
  Syllabi: 's',
  'People and classes': 'p',
};

const waysOfAll = (role: Role): Way[] =>
  ROOMS[role].map(({ name, to }) => ({ key: LETTERS[name] ?? '', name, to }));

const waysOf = (notebook: string): Way[] =>
  (
    [
      ['c', 'Coverage', 'coverage'],
      ['n', 'Needle', 'needle'],
      ['p', 'Papers', 'papers'],
      ['m', 'Marks', 'marks'],
      ['r', 'Looking back', 'reflections'],
      ['o', 'Growth', 'growth'],
      ['u', 'Unfiled', 'unfiled'],
      ['s', 'Syllabus', 'edition'],
      ['b', 'Bin', 'bin'],
    ] as const
  ).map(([key, name, room]) => ({ key, name, to: `/n/${notebook}/${room}` }));
