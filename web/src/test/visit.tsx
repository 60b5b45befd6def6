import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { createMemoryRouter, RouterProvider } from 'react-router';
import type { Api } from '../api';
import { OutboxProvider } from '../device';
import { routes } from '../routes';
import { Server, server } from './server';

export { NO_NETWORK, never, refuse } from './server';

export const STUDENT: Api['PersonView'] = {
  id: 'marlo',
  fullName: 'Marlo Quist',
  role: 'STUDENT',
  classes: [{ id: 'c1', name: '10B Physics' }],
};
export const TEACHER: Api['PersonView'] = {
  id: 'tolland',
  fullName: 'Ms Tolland',
  role: 'TEACHER',
  classes: [],
};

export const NOTEBOOK: Api['NotebookView'] = {
  id: 'n1',
  title: 'Physics',
  editionId: 'ed1',
  edition: 'NB-412 Waves',
  hasSyllabus: true,
  examYear: 2028,
  tier: 'EXTENDED',
  cover: 'PETROL',
  classId: 'c1',
};

/** One zone for everything. */
export const FREE: Api['Pattern'] = {
  name: 'Free',
  zones: [{ key: 'main', role: 'MAIN', title: 'Notes', prompt: '', kinds: [] }],
};

export const section = (id: string, more: Partial<Api['SectionView']> = {}): Api['SectionView'] => ({
  id,
  title: id,
  position: 0,
  topics: [],
  pages: 0,
  examYears: '',
  isNeeded: true,
  ...more,
});

/** What Ms Tolland asked of her class. */
export const WORK: Api['SetWorkView'] = {
  id: 'w1',
  title: 'Echo practical',
  due: '2026-11-27',
  classId: 'c1',
  className: '10B Physics',
  instructions: 'Time an echo.',
  teacher: 'Ms Tolland',
  topic: 't1',
  asked: { kinds: [], withSources: false },
  criteria: [],
  takenBack: false,
  students: [],
  groups: [],
  longer: {},
};

/** Sent to Ms Tolland for what she asked. */
export const ASKED_BY_TOLLAND: Api['AddressedView'] = {
  classId: 'c1',
  className: '10B Physics',
  teacher: 'Ms Tolland',
  setWork: WORK,
};

export const version = (id: string, more: Partial<Api['VersionView']> = {}): Api['VersionView'] => ({
  id,
  purpose: 'HAND_IN',
  version: 1,
  state: 'WAITING',
  missing: 0,
  remarks: 0,
  sealedAt: '2026-11-20T18:42:00Z',
  word: '',
  spoken: false,
  ...more,
});

/** A version with nothing in it. */
export const SEALED: Api['SealedView'] = {
  id: 'v1',
  title: 'Echoes',
  student: 'Marlo Quist',
  notebook: 'Physics',
  to: ASKED_BY_TOLLAND,
  picked: { section: 's1', pages: [] },
  purpose: 'HAND_IN',
  version: 1,
  state: 'WAITING',
  sealedAt: '2026-11-16T18:42:00Z',
  missing: 0,
  word: '',
  pages: [],
  reflections: [],
  remarks: [],
  levels: [],
  figures: { points: 0, most: 0, chosen: 0, of: 0 },
  versions: [],
};

/** A typed entry of a version, notched at 2.3a. */
export const typed = (
  id: string,
  words: string,
  more: Partial<Api['SealedEntryView']> = {},
): Api['SealedEntryView'] => ({
  id,
  zone: 'main',
  kind: 'TYPED',
  pictures: [],
  marks: [],
  earlier: [],
  caption: '',
  codes: ['2.3a'],
  width: 'FULL',
  isPiece: false,
  content: {
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }],
  } as never,
  ...more,
});

/** A student who has handed in nothing yet. */
export const registerLine = (
  student: string,
  name: string,
  more: Partial<Api['RegisterLine']> = {},
): Api['RegisterLine'] => ({
  student,
  name,
  title: 'Echoes',
  late: false,
  changed: false,
  progress: 'NOT_BEGUN',
  figures: SEALED.figures,
  ...more,
});

export const SEAL: Api['SealView'] = {
  holds: true,
  parts: 3,
  digest: 'ab12',
  broken: [],
  isElsewhere: false,
};

export const RULER: Api['RulerView'] = {
  year: '2026/27',
  today: '2026-11-25',
  thisMonday: '2026-11-23',
  weeks: [
    { monday: '2026-11-16', made: 3, number: 11 },
    { monday: '2026-11-23', made: 1, number: 12 },
    { monday: '2026-11-30', made: 0, breakName: 'Winter break' },
  ],
};

/** The code of a room is loaded with the first screen that needs it; the editor's takes seconds here. */
const OPENING_MILLIS = 25_000;

let visits = 0;

/** Opens a screen at its address as a person, over a server that answers from a table. */
export async function visit(path: string, answers: Record<string, unknown>, person = STUDENT) {
  const mine = new Server({
    'GET /api/me': { person },
    'GET /api/ruler': RULER,
    'GET /api/notebooks': [NOTEBOOK],
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [], pages: [] },
    'GET /api/standings': [],
    'GET /api/hand-ins': [],
    'GET /api/set-work': [],
    'GET /api/collections/bin': [],
    'GET /api/announcements': [],
    ...answers,
  });
  server.answer = (request) => mine.answer(request);
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const router = createMemoryRouter(routes, { initialEntries: [path] });
  render(
    <QueryClientProvider client={queries}>
      <OutboxProvider personId={`visitor-${visits++}`}>
        <RouterProvider router={router} />
      </OutboxProvider>
    </QueryClientProvider>,
  );
  const heading = await screen.findByRole('heading', { level: 1 }, { timeout: OPENING_MILLIS });
  return { user: userEvent.setup(), server: mine, heading, router };
}

/** The text of each item of a list, as a person reads it. */
export const rows = (list: HTMLElement) =>
  [...list.querySelectorAll('li')].map((row) => row.textContent?.replace(/\s+/g, ' ').trim());
