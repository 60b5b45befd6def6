import { type Layer, nameOf } from '../layer';
import { pagesOf } from '../scan';
import { takeOf } from '../voice';
import { entryName } from './entryName';
import type { Shown } from './shown';

type Entry = { id: string; kind: string; content: unknown };

const aboutOf = (entry: Entry) => (entry.kind === 'RECORDING' ? takeOf(entry.content).about : undefined);

/** Entries with each recording that explains another right behind it; those that explain the whole page come first. */
export function withExplanations<One extends Entry>(entries: readonly One[], page: string): One[] {
  // What explains something is not explained itself: explanations of each other would stand nowhere.
  const known = new Set(entries.filter((entry) => !aboutOf(entry)).map((entry) => entry.id));
  const subjectOf = (entry: One) => {
    const subject = aboutOf(entry)?.entry;
    return subject === page || (subject && known.has(subject)) ? subject : undefined;
  };
  const explaining = (subject: string) => entries.filter((entry) => subjectOf(entry) === subject);
  return [
    ...explaining(page),
    ...entries.filter((entry) => !subjectOf(entry)).flatMap((entry) => [entry, ...explaining(entry.id)]),
  ];
}

type Named = Entry & Pick<Shown, 'caption'>;

/** What a recording explains, in words; nothing for one that stands by itself. */
export function explains(entry: Entry, entries: readonly Named[], page: string): string | undefined {
  const about = aboutOf(entry);
  if (!about) return undefined;
  if (about.entry === page) return 'this page';
  const subject = entries.find((one) => one.id === about.entry);
  if (!subject) return 'something that is no longer on this page';
  const thing = about.thing && thingsOf(subject).find((one) => one.id === about.thing);
  if (thing) return nameOf(thing);
  const name = entryName(subject as Shown).slice(0, 60);
  return name ? `“${name}”` : 'what stands before it';
}

const thingsOf = (entry: Named) =>
  entry.kind === 'PHOTO'
    ? pagesOf(entry as Shown).flatMap((page) => (page.layer as Layer | undefined)?.things ?? [])
    : [];
