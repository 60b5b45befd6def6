import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { bookQuery } from '../book';
import { contentsQuery } from '../contents';
import { useMe } from '../people';
import { aboutVersion, Book } from './Book';
import { previewQuery, versionQuery } from './queries';
import { useChecking } from './useChecking';
import { turnsOf, useRegister } from './useQueue';
import { versionName } from './words';

const AT_HOME = { marks: false, cues: false, earlier: false, lookBacks: false };

/** A section as a book, as it is now. */
export function SectionBookScreen() {
  const { notebook = '', section = '' } = useParams();
  const { sections, notebook: book } = useSuspenseQuery(contentsQuery(notebook)).data;
  const content = useSuspenseQuery(previewQuery({ section, pages: [] }, AT_HOME)).data;
  const go = useNavigate();
  return (
    <Book
      title={sections.find((one) => one.id === section)?.title ?? book.title}
      about={[useMe().fullName, book.title]}
      content={content}
      onClose={() => go(`/n/${notebook}/s/${section}`)}
    />
  );
}

/** A book of the year, as it is now. */
export function YearBookScreen() {
  const { book = '' } = useParams();
  const { title, forWhom } = useSuspenseQuery(bookQuery(book)).data;
  const me = useMe().fullName;
  const content = useSuspenseQuery(previewQuery({ pages: [], book }, AT_HOME)).data;
  const go = useNavigate();
  return (
    <Book
      title={title}
      about={forWhom ? [me, `For ${forWhom}`] : [me]}
      content={content}
      onClose={() => go(`/books/${book}`)}
    />
  );
}

/** A student's own sealed version as a book. */
export function VersionBookScreen() {
  const { handIn = '' } = useParams();
  const version = useSuspenseQuery(versionQuery(handIn)).data;
  const go = useNavigate();
  return (
    <Book
      title={version.title}
      about={aboutVersion(version, versionName(version))}
      content={version}
      onClose={() => go(`/versions/${handIn}`)}
    />
  );
}

/** What a class handed in, one book after the other. */
export function ClassBookScreen() {
  const { handIn = '' } = useParams();
  const { query, path } = useRegister();
  const turns = turnsOf(useSuspenseQuery(query).data);
  const at = turns.findIndex(({ version }) => version.id === handIn);
  const next = turns[at + 1]?.version.id;
  const before = turns[at - 1]?.version.id;
  const version = useSuspenseQuery(versionQuery(handIn)).data;
  useQuery({ ...versionQuery(next ?? ''), enabled: !!next });
  const { open } = useChecking(handIn);
  const isWaiting = version.state === 'WAITING';
  const told = useRef<string>(undefined);
  useEffect(() => {
    // Who reads it has opened it, however it is read; it is told once, though the answer may come late.
    if (!isWaiting || told.current === handIn) return;
    told.current = handIn;
    open();
  }, [isWaiting, handIn, open]);
  const go = useNavigate();
  return (
    <Book
      key={handIn}
      title={version.title}
      about={aboutVersion(version, versionName(version))}
      content={version}
      onBefore={before ? () => go(`${path}/${before}/read`) : undefined}
      onAfter={next ? () => go(`${path}/${next}/read`) : undefined}
      onClose={() => go(`${path}/${handIn}`)}
    />
  );
}
