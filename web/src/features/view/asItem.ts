import type { Api } from '../../api';
import { UNKNOWN_SOURCE } from '../source';
import type { Item } from './details';

export type NewThing = Api['ItemBody'];

/** A thing as it is seen until the server has it: what its page or its file says of itself comes then. */
export const asItem = (id: string, { kind, title, note, text, url }: NewThing, today: string): Item => ({
  id,
  kind,
  title: title || (url ? new URL(url).host : 'New'),
  note,
  text,
  url,
  why: '',
  heading: '',
  values: {},
  topics: [],
  notches: [],
  keptOn: today,
  source: UNKNOWN_SOURCE,
  found: UNKNOWN_SOURCE,
  takenFrom: '',
  played: { from: '', to: '' },
  marks: [],
});
