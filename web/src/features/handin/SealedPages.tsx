import { type ReactNode, useDeferredValue } from 'react';
import type { Api } from '../../api';
import { dayName, plural } from '../../ui';
import { explains, SPANS, withExplanations } from '../entry';
import { arranged, columns, entriesIn, type Zone } from '../pattern';
import { GoneAlong } from './GoneAlong';
import { ShownWith } from './ShownWith';

type Page = Api['SealedPageView'];
type Entry = Api['SealedEntryView'];

type Props = {
  version: Pick<Api['SealedView'], 'pages' | 'reflections'>;
  /** An entry with all that stands around it. */
  entry: (page: Page, entry: Entry) => ReactNode;
};

/** As many as a screen shows at once. */
const FIRST = 3;

/** Far from the window a page is not laid out; what is outlined at its edge needs a little room. */
const FAR = '-mx-3 mb-8 px-3 last:mb-0 [contain-intrinsic-size:auto_900px] [content-visibility:auto]';

/** The pages and reflections of a sealed version, as they were: the first at once, the others when those have been painted. */
export function SealedPages({ version, entry }: Props) {
  const pages = useDeferredValue(version.pages, version.pages.slice(0, FIRST));
  return (
    <div className="rounded-md bg-card px-5 py-6 shadow-[0_2px_14px_rgb(23_38_45/10%)] sm:px-9">
      {pages.map((page) => (
        <div key={page.id} className={FAR}>
          <SealedPage page={page} entry={entry} />
        </div>
      ))}
      {version.reflections.map((reflection) => (
        <div key={reflection.title} className="mb-6 border-t border-line pt-4 last:mb-0">
          <SealedSheet sheet={reflection} pages={version.pages} />
        </div>
      ))}
    </div>
  );
}

/** The sheet of a week, as it was sealed. */
export function SealedSheet({ sheet, pages }: { sheet: Api['SealedReflectionView']; pages: Page[] }) {
  const entries = new Map(pages.flatMap((page) => page.entries).map((entry) => [entry.id, entry]));
  return (
    <article>
      <h2 className="text-[18px]">{sheet.title}</h2>
      {sheet.answers.map((answer) => (
        <div key={answer.question} className="mt-2">
          <h3 className="text-[14.5px]">{answer.question}</h3>
          <p className="whitespace-pre-line">
            {answer.text || (answer.shown.length === 0 && <span className="text-soft">not written</span>)}
          </p>
          <ShownWith entries={answer.shown.flatMap((id) => entries.get(id) ?? [])} />
          {answer.words > 0 && <p className="text-[13px] text-soft">{plural(answer.words, 'word')}</p>}
        </div>
      ))}
    </article>
  );
}

type PageProps = {
  page: Page;
  entry: Props['entry'];
  /** Whether there is no room for one thing beside another. */
  isNarrow?: boolean;
};

/** A page as it was sealed: its title, its day, and its entries in their zones. */
export function SealedPage({ page, entry, isNarrow }: PageProps) {
  return (
    <article className="mb-8 last:mb-0">
      <h2 className="text-[21px]">{page.title}</h2>
      <p className="mb-3 text-[13.5px] text-soft">
        {dayName(page.day)}
        {page.week && ` · Week ${page.week}`}
      </p>
      <SealedZones page={page} entry={entry} isNarrow={isNarrow} />
    </article>
  );
}

/** The entries of a page in its zones; a column stands beside the middle as it did on the page. */
function SealedZones({ page, entry, isNarrow = false }: PageProps) {
  const { left, right, middle, foot } = arranged(page.pattern);
  const within = (one: Zone) => entriesIn(page.pattern, one, withExplanations(page.entries, page.id));
  // A column that stayed at home takes no room.
  const isThere = (one: Zone | undefined) => !!one && within(one).length > 0;
  const zone = (one: Zone, isColumn = isNarrow) => {
    const inside = within(one);
    return inside.length === 0 ? null : (
      <section key={one.key} aria-label={one.title} className="mb-2 min-w-0">
        {page.pattern.zones.length > 1 && <h3 className="mb-1 text-[13.5px] text-petrol">{one.title}</h3>}
        <div className="grid grid-cols-6 gap-3">
          {inside.map((each) => (
            <section
              key={each.id}
              id={`sealed-${each.id}`}
              className={`min-w-0 scroll-mt-16 ${isColumn ? 'col-span-6' : SPANS[each.width]}`}
            >
              {explains(each, page.entries, page.id) && (
                <p className="text-[13px] text-soft">Explains {explains(each, page.entries, page.id)}</p>
              )}
              {entry(page, each)}
              <GoneAlong entry={each} />
            </section>
          ))}
        </div>
      </section>
    );
  };
  return (
    <>
      <div className={isNarrow ? '' : columns(isThere(left), isThere(right))}>
        {left && zone(left, true)}
        <div className="min-w-0">{middle.map((one) => zone(one))}</div>
        {right && zone(right, true)}
      </div>
      {foot.map((one) => zone(one))}
    </>
  );
}
