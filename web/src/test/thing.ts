import type { Api } from '../api';
import { UNKNOWN_SOURCE } from '../features/source';

export { UNKNOWN_SOURCE };

/** A thing of a collection, a note unless something else is said. */
export const thing = (title: string, more: Partial<Api['ItemView']> = {}): Api['ItemView'] => ({
  id: title,
  title,
  note: '',
  kind: 'NOTE',
  why: '',
  heading: '',
  values: {},
  topics: [],
  notches: [],
  keptOn: '2026-11-20',
  source: UNKNOWN_SOURCE,
  found: UNKNOWN_SOURCE,
  takenFrom: '',
  played: { from: '', to: '' },
  marks: [],
  ...more,
});

/** Nobody sees a collection but its owner; one class could. */
export const NO_READERS: Api['ShownTo'] = {
  classes: [],
  groups: [],
  people: [],
  otherClasses: [{ id: 'k1', name: '10B Physics' }],
  otherGroups: [],
  otherPeople: [{ id: 'p1', name: 'Rue Ashdown' }],
};
