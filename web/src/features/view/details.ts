import type { Api } from '../../api';
import type { Scale } from '../../core/view';
import { TRUST_NAMES } from '../source';

export type Collection = Api['CollectionView'];
export type Item = Api['ItemView'];
export type OwnDetail = Api['Detail'];

/** Something by which things are told apart: a detail of the student's, or what every thing has. */
export type Aspect = {
  key: string;
  name: string;
  scale: Scale;
  /** Set where it is a detail of the student's. */
  own?: OwnDetail;
};

export const TITLE: Aspect = { key: 'title', name: 'Name', scale: 'WORDS' };
export const KIND: Aspect = { key: 'kind', name: 'What it is', scale: 'WORDS' };
export const TOPIC: Aspect = { key: 'topic', name: 'Topic', scale: 'WORDS' };
export const HEADING: Aspect = { key: 'heading', name: 'Heading', scale: 'WORDS' };
export const TRUST: Aspect = { key: 'trust', name: 'How far I trust it', scale: 'WORDS' };
export const MADE_BY: Aspect = { key: 'madeBy', name: 'Who made it', scale: 'WORDS' };
export const PUBLISHED: Aspect = { key: 'published', name: 'When it came out', scale: 'WORDS' };
export const MARK: Aspect = { key: 'mark', name: 'Marks', scale: 'WORDS' };
export const KEPT: Aspect = { key: 'kept', name: 'Kept on', scale: 'DAYS' };

const ALWAYS = [TITLE, KIND, TOPIC, HEADING, TRUST, MADE_BY, PUBLISHED, MARK, KEPT];

const SCALES: Partial<Record<OwnDetail['kind'], Scale>> = { NUMBER: 'NUMBERS', DAY: 'DAYS' };

/** All by which the things of a collection can be sorted, narrowed and grouped: their own details first. */
export const aspectsOf = (details: readonly OwnDetail[]): Aspect[] => [
  ...details.map((own) => ({ key: own.id, name: own.name, scale: SCALES[own.kind] ?? 'WORDS', own })),
  ...ALWAYS,
];

const KINDS: Record<Item['kind'], string> = {
  LINK: 'Link',
  NOTE: 'Note',
  FILE: 'File',
  ENTRY: 'Own work',
  PAGE: 'Page',
  VERSION: 'Version',
  COLLECTION: 'Collection',
};

const MARKS: Record<Item['marks'][number]['kind'], string> = {
  KEY: 'Key',
  QUESTION: 'Open question',
  TASK: 'Task',
  OWN: 'A mark of my own',
};

const nameOfKind = ({ kind, media, card }: Item): string => {
  if (card?.clip) return 'Clip';
  return media?.kind === 'PHOTO' ? 'Picture' : KINDS[kind];
};

/** What a thing has of an aspect. */
export function valuesOf(item: Item, key: string): string[] {
  switch (key) {
    case TITLE.key:
      return [item.title];
    case KIND.key:
      return [nameOfKind(item)];
    case TOPIC.key:
      return item.topics;
    case HEADING.key:
      return item.heading ? [item.heading] : [];
    case TRUST.key:
      return item.source.trust ? [TRUST_NAMES[item.source.trust]] : [];
    case MADE_BY.key:
      return item.found.authors;
    case PUBLISHED.key:
      return item.found.published ? [item.found.published.slice(0, 4)] : [];
    case MARK.key:
      return [...new Set(item.marks.map(({ kind }) => MARKS[kind]))];
    case KEPT.key:
      return [item.keptOn];
    default:
      return item.values[key] ?? [];
  }
}

/** A value as it is read: a number with its unit, a day by its name. */
export function shown(aspect: Aspect, value: string): string {
  if (aspect.scale === 'DAYS') return day(value);
  if (aspect.scale === 'NUMBERS') return amount(Number(value), aspect.own?.unit);
  return value;
}

/** With its year: things are from any time. */
const day = (written: string): string =>
  new Date(written).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });

/** What has no unit may be a year, so its thousands are not set apart. */
export const amount = (value: number, unit = ''): string =>
  `${value.toLocaleString('en-GB', { maximumFractionDigits: 2, useGrouping: unit ? 'always' : 'min2' })}${unit && ` ${unit}`}`;
