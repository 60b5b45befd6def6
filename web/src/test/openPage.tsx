import type { Api } from '../api';
import { FREE, NOTEBOOK, section, visit } from './visit';

/** Typed text of one paragraph. */
export const text = (words: string) => ({
  type: 'doc',
  content: [{ type: 'paragraph', content: words ? [{ type: 'text', text: words }] : [] }],
});

/** A typed entry on page p1. */
export const entry = (id: string, more: Partial<Api['EntryView']> = {}): Api['EntryView'] => ({
  id,
  pageId: 'p1',
  zone: 'main',
  kind: 'TYPED',
  content: text(`Words of ${id}.`),
  caption: '',
  width: 'FULL',
  version: 1,
  isEmpty: false,
  pictures: [],
  notches: [],
  madeAt: '2026-11-24T09:00:00Z',
  ...more,
});

/** Page p1 of notebook n1 with the slots 2.3a and 2.3b. */
export const page = (entries: Api['EntryView'][]): Api['PageView'] => ({
  id: 'p1',
  title: 'Timing an echo',
  notebookId: 'n1',
  sectionId: 's1',
  section: 'Echoes',
  day: '2026-11-24',
  week: 12,
  pattern: FREE,
  paper: { lines: 'PLAIN', spacingMm: 8, tint: 'WHITE' },
  edge: [
    { id: 'a', code: '2.3a', statement: 'Echo as reflection', kinds: [] },
    { id: 'b', code: '2.3b', statement: 'Distance from time', kinds: [] },
  ],
  entries,
});

/** Opens page p1 of notebook n1 with entries; its edge has the slots 2.3a and 2.3b. */
export const openPage = (entries: Api['EntryView'][], more: Record<string, unknown> = {}, search = '') =>
  visit(`/n/n1/p/p1${search}`, {
    'GET /api/notebooks/n1': {
      notebook: NOTEBOOK,
      sections: [section('s1')],
      pages: [{ id: 'p1', title: 'Echo', sectionId: 's1', day: '2026-11-24', entries: 2 }],
    },
    'GET /api/notebooks/n1/syllabus': [],
    'GET /api/pages/p1/remarks': [],
    'GET /api/pages/p1/look-backs': [],
    'GET /api/pages/p1/marks': [],
    'GET /api/own-marks': [],
    'GET /api/pages/p1': page(entries),
    'PUT /api/entries/*': (body: object) => ({ ...entry('kept'), ...body, version: 2 }),
    'PUT /api/entries/*/notches/*': {},
    'DELETE /api/entries/*/notches/*': {},
    ...more,
  });
