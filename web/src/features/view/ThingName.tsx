import { File, FileText, FilmStrip, LinkSimple, Note, SealCheck, Stack } from '@phosphor-icons/react';
import { Link } from 'react-router';
import { evidenceOf, Shape } from '../../ui';
import type { Item } from './details';

const ICONS: Record<Item['kind'], typeof File> = {
  LINK: LinkSimple,
  NOTE: Note,
  FILE: File,
  ENTRY: Note,
  PAGE: FileText,
  VERSION: SealCheck,
  COLLECTION: Stack,
};

/** Where what has a screen of its own is seen. */
const SCREENS: Partial<Record<Item['kind'], string>> = {
  PAGE: '/p/',
  VERSION: '/versions/',
  COLLECTION: '/collections/',
};

/** A kind of thing by its sign. */
export function KindMark({ kind }: { kind: Item['kind'] }) {
  const Icon = ICONS[kind];
  return <Icon size={16} aria-label={kind.toLowerCase()} />;
}

/** What kind of thing it is, by its sign. */
export function ThingMark({ item }: { item: Item }) {
  if (item.card?.clip) return <FilmStrip size={16} aria-label="clip" />;
  if (item.entry?.kind) return <Shape kind={evidenceOf(item.entry.kind)} />;
  return <KindMark kind={item.kind} />;
}

const LOOK = 'inline-block min-h-[26px] font-semibold text-petrol hover:underline';

/** The name of a thing, with the way to what it is. */
export function ThingName({ item }: { item: Item }) {
  if (item.url)
    return (
      <a href={item.url} target="_blank" rel="noreferrer noopener" className={LOOK}>
        {item.title}
        <span className="ml-2 font-normal text-soft">
          {[new URL(item.url).host, item.card?.clip?.length].filter(Boolean).join(' · ')}
        </span>
      </a>
    );
  if (item.media)
    return (
      <a href={`/api/media/${item.media.id}`} className={LOOK} download={item.media.name}>
        {item.title}
      </a>
    );
  if (item.entry?.pageId)
    return (
      <Link to={`/p/${item.entry.pageId}?entry=${item.entry.entryId}`} className={LOOK}>
        {item.title}
      </Link>
    );
  if (item.leadsTo?.id && item.leadsTo.name)
    return (
      <Link to={`${SCREENS[item.kind]}${item.leadsTo.id}`} className={LOOK}>
        {item.title}
      </Link>
    );
  return (
    <b>
      {item.title}
      {item.entry && !item.entry.kind && (
        <span className="font-normal text-rust"> · its entry is in the bin</span>
      )}
      {item.leadsTo && !item.leadsTo.name && (
        <span className="font-normal text-rust"> · it is in the bin</span>
      )}
    </b>
  );
}
