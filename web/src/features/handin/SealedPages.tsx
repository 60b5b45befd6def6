import type { ReactNode } from 'react';
import type { Api } from '../../api';
import { dayName } from '../../ui';
import { addressOf, explains, fileName, SPANS, withExplanations } from '../entry';
import { FileCard } from '../file';
import { type InkDrawing, InkView } from '../ink';
import { LinkCard } from '../link';
import { arranged, columns, entriesIn, type Zone } from '../pattern';
import { PhotoSetView, pagesOf, picturesOf } from '../scan';
import { ProseView } from '../text';
import { ClipPlayer, SoundPlayer } from '../voice';

type Props = {
  version: Api['SealedView'];
  /** What stands below an entry: its remarks, or the way to make one. */
  below: (page: Api['SealedPageView'], entry: Api['SealedEntryView']) => ReactNode;
};

/** The pages and reflections of a sealed version, as they were. */
export function SealedPages({ version, below }: Props) {
  return (
    <div className="rounded-md bg-card px-5 py-6 shadow-[0_2px_14px_rgb(23_38_45/10%)] sm:px-9">
      {version.pages.map((page) => (
        <article key={page.id} className="mb-8 last:mb-0">
          <h2 className="text-[21px]">{page.title}</h2>
          <p className="mb-3 text-[13.5px] text-soft">
            {dayName(page.day)}
            {page.week && ` · Week ${page.week}`}
          </p>
          <SealedZones page={page} below={below} />
        </article>
      ))}
      {version.reflections.map((reflection) => (
        <article key={reflection.title} className="mb-6 border-t border-line pt-4 last:mb-0">
          <h2 className="text-[18px]">{reflection.title}</h2>
          {reflection.answers.map((answer) => (
            <div key={answer.question} className="mt-2">
              <h3 className="text-[14.5px]">{answer.question}</h3>
              <p className="whitespace-pre-line">
                {answer.text || <span className="text-soft">not written</span>}
              </p>
              <p className="text-[13px] text-soft">{answer.words} words</p>
            </div>
          ))}
        </article>
      ))}
    </div>
  );
}

/** The entries of a page in its zones; a column stands beside the middle as it did on the page. */
function SealedZones({ page, below }: { page: Api['SealedPageView']; below: Props['below'] }) {
  const { left, right, middle, foot } = arranged(page.pattern);
  const zone = (one: Zone, isNarrow = false) => {
    const inside = entriesIn(page.pattern, one, withExplanations(page.entries, page.id));
    return inside.length === 0 ? null : (
      <section key={one.key} aria-label={one.title} className="mb-2 min-w-0">
        {page.pattern.zones.length > 1 && <h3 className="mb-1 text-[13.5px] text-petrol">{one.title}</h3>}
        <div className="grid grid-cols-6 gap-3">
          {inside.map((entry) => (
            <section
              key={entry.id}
              id={`sealed-${entry.id}`}
              className={`min-w-0 scroll-mt-16 ${isNarrow ? 'col-span-6' : SPANS[entry.width]}`}
            >
              {explains(entry, page.entries, page.id) && (
                <p className="text-[13px] text-soft">Explains {explains(entry, page.entries, page.id)}</p>
              )}
              <SealedContent entry={entry} />
              <p className="mt-0.5 text-[13px] text-soft">
                {entry.caption} <b className="text-petrol">{entry.codes.join(' ')}</b>
              </p>
              {below(page, entry)}
            </section>
          ))}
        </div>
      </section>
    );
  };
  return (
    <>
      <div className={columns(!!left, !!right)}>
        {left && zone(left, true)}
        <div className="min-w-0">{middle.map((one) => zone(one))}</div>
        {right && zone(right, true)}
      </div>
      {foot.map((one) => zone(one))}
    </>
  );
}

function SealedContent({ entry }: { entry: Api['SealedEntryView'] }) {
  if (entry.kind === 'TYPED') return <ProseView content={entry.content} />;
  if (entry.kind === 'INK') return <InkView drawing={entry.content as InkDrawing} title={entry.caption} />;
  if (entry.kind === 'LINK') return <LinkCard address={addressOf(entry.content)} card={entry.card} />;
  if (!entry.media) return null;
  if (entry.kind === 'FILE') return <FileCard name={fileName(entry.content)} media={entry.media} />;
  if (entry.kind === 'PHOTO')
    return (
      <PhotoSetView
        pictures={picturesOf(pagesOf(entry), [entry.media, ...entry.pictures])}
        title={entry.caption}
      />
    );
  // The seal is over the sound as it came, so that is what is heard.
  const media = { ...entry.media, compact: false };
  const { id, content, caption } = entry;
  if (entry.kind === 'CLIP')
    return <ClipPlayer id={id} media={media} content={content} name={caption || 'Clip'} />;
  return <SoundPlayer id={id} media={media} content={content} name={caption || 'Recording'} />;
}
