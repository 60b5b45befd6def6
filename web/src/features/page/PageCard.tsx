import type { Api } from '../../api';
import { DRAGGED_ENTRY, type OnPage, type Shown, startTextDrag } from '../entry';
import { PageEdge } from './PageEdge';
import { PageHead } from './PageHead';
import { PageZones } from './PageZones';
import { paperStyle } from './paper';

type Props = {
  page: Api['PageView'];
  entries: Shown[];
  chosen: string | undefined;
  /** The entry that keys act on: the chosen one, else the last. */
  last: Shown | undefined;
  into: string;
  onPage: OnPage;
  onWrite: (zone: string) => void;
  onTake: (data: DataTransfer, zone: string, before?: string) => boolean;
  onBesideWanted?: () => void;
  onCloseBeside?: () => void;
  onReview?: () => void;
  /** Beside another page it scrolls alone. */
  isBeside: boolean;
};

/** The page as a card of paper: its notched edge, its head, and its zones. */
export function PageCard({
  page,
  entries,
  chosen,
  last,
  into,
  onPage,
  onWrite,
  onTake,
  isBeside,
  ...looks
}: Props) {
  return (
    <article
      className={`paper flex flex-col ${isBeside ? 'lg:min-h-0 lg:flex-1 lg:overflow-y-auto' : 'min-h-[calc(100vh-8.5rem)]'} rounded-b-md shadow-[0_2px_14px_rgb(23_38_45/10%)]`}
      style={paperStyle(page.paper)}
      data-lines={page.paper.lines}
      data-tint={page.paper.tint}
      onDragStart={(event) => startTextDrag(event.dataTransfer, event.target)}
      onDropCapture={(event) => {
        // An editor would take text from the page beside as its own and forget where it came from.
        const isText = !event.dataTransfer.types.includes(DRAGGED_ENTRY);
        if (isText && onTake(event.dataTransfer, into)) {
          event.preventDefault();
          event.stopPropagation();
        }
      }}
    >
      <PageEdge slots={page.edge} entries={entries} chosen={last} acts={onPage.acts} />
      <div className="flex-1 px-4 pt-2 pb-6 sm:px-10">
        <PageHead
          page={page}
          entries={entries}
          onExplain={() => onPage.onExplain({ entry: page.id })}
          {...looks}
        />
        {entries.length === 0 && page.pattern.zones.length === 1 && (
          <p className="rounded-md border border-dashed border-line p-4 text-soft">
            An empty page. Press W to write, I to draw, P for a photo, R to record, or use the bar below.
          </p>
        )}
        <PageZones
          pattern={page.pattern}
          entries={entries}
          chosen={chosen}
          into={into}
          page={onPage}
          onWrite={onWrite}
          onTake={onTake}
        />
      </div>
    </article>
  );
}
