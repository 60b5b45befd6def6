import { type DragEvent, useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName, Empty, Menu, MenuItem, plural } from '../../ui';
import { keepOrder, keptOrder, ORDERS, type Order, pagesInOrder } from './pageOrder';
import { SectionPicker } from './SectionPicker';
import type { NotebookActs } from './useNotebookActs';

type Page = Api['PageLine'];

/** How a page that is dragged is known to the others. */
const DRAGGED_PAGE = 'application/x-notchbook-page';

/** Beyond every page of a section, so that a page goes to its end. */
const LAST = 1_000_000;

type Props = { notebook: string; pages: Page[]; acts: NotebookActs };

/** The pages of a section, sorted as wished; in their own order they can be dragged. */
export function PageList({ notebook, pages, acts }: Props) {
  const [order, setOrder] = useState<Order>(keptOrder);
  const [asked, setAsked] = useState<{ page: Page; isCopy: boolean }>();
  const move = (page: Page, position: number) =>
    acts.movePage(page, pages.indexOf(page), page.sectionId, position, '');
  return (
    <>
      {pages.length > 1 && (
        <label className="mb-1 flex items-center justify-end gap-2 text-[13px] text-soft">
          Pages
          <select
            value={order}
            onChange={(event) => {
              setOrder(event.target.value as Order);
              keepOrder(event.target.value as Order);
            }}
            className="min-h-7 rounded-md border border-line bg-card px-2 text-ink"
          >
            {Object.entries(ORDERS).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
      )}
      {pages.length === 0 && <Empty>No pages yet. Give the first one a title, or just press Enter.</Empty>}
      <ul>
        {pagesInOrder(pages, order).map((page) => (
          <PageRow
            key={page.id}
            page={page}
            at={pages.indexOf(page)}
            count={pages.length}
            isOwnOrder={order === 'own'}
            notebook={notebook}
            onMove={(position) => move(page, position)}
            onDropped={(id, position) => {
              const dragged = pages.find((one) => one.id === id);
              if (dragged) move(dragged, position > pages.indexOf(dragged) ? position - 1 : position);
            }}
            onAsk={(isCopy) => setAsked({ page, isCopy })}
            onDelete={() => acts.deletePage(page)}
          />
        ))}
      </ul>
      {asked && (
        <SectionPicker
          title={asked.isCopy ? `Copy “${asked.page.title}” to` : `Move “${asked.page.title}” to`}
          onPick={(section, title) => {
            if (asked.isCopy) acts.copyPage(asked.page, section);
            else acts.movePage(asked.page, pages.indexOf(asked.page), section, LAST, `to “${title}”`);
            setAsked(undefined);
          }}
          onClose={() => setAsked(undefined)}
        />
      )}
    </>
  );
}

type RowProps = {
  page: Page;
  at: number;
  count: number;
  isOwnOrder: boolean;
  notebook: string;
  onMove: (position: number) => void;
  onDropped: (id: string, position: number) => void;
  onAsk: (isCopy: boolean) => void;
  onDelete: () => void;
};

function PageRow({ page, at, count, isOwnOrder, notebook, onMove, onDropped, onAsk, onDelete }: RowProps) {
  const [part, setPart] = useState<'before' | 'after'>();
  return (
    <li
      draggable={isOwnOrder}
      className={`flex items-baseline gap-1 border-b border-line ${
        part === 'before' ? 'shadow-[inset_0_3px_var(--petrol)]' : ''
      } ${part === 'after' ? 'shadow-[inset_0_-3px_var(--petrol)]' : ''}`}
      onDragStart={(event) => event.dataTransfer.setData(DRAGGED_PAGE, page.id)}
      onDragOver={(event) => {
        if (!isOwnOrder || !event.dataTransfer.types.includes(DRAGGED_PAGE)) return;
        event.preventDefault();
        setPart(halfAt(event));
      }}
      onDragLeave={() => setPart(undefined)}
      onDrop={(event) => {
        setPart(undefined);
        onDropped(event.dataTransfer.getData(DRAGGED_PAGE), halfAt(event) === 'before' ? at : at + 1);
      }}
    >
      <Link
        to={`/n/${notebook}/p/${page.id}`}
        draggable={false}
        className="flex min-w-0 flex-1 items-baseline gap-3 py-2 hover:text-petrol"
      >
        <span className="w-20 shrink-0 text-[13px] text-soft">{dayName(page.day)}</span>
        <span className="min-w-0 flex-1 font-semibold">
          {page.title}
          {page.entries > 0 &&
            page.missing.map((words) => (
              <span key={words} className="block text-[13px] font-normal text-brass">
                {words}
              </span>
            ))}
        </span>
        <span className="text-[13px] text-soft">
          {page.entries === 0 ? 'empty' : plural(page.entries, 'entry', 'entries')}
        </span>
      </Link>
      <Menu name="" label={`What to do with ${page.title}`}>
        {isOwnOrder && at > 0 && <MenuItem onSelect={() => onMove(at - 1)}>Up</MenuItem>}
        {isOwnOrder && at < count - 1 && <MenuItem onSelect={() => onMove(at + 1)}>Down</MenuItem>}
        <MenuItem onSelect={() => onAsk(false)}>Move to another section…</MenuItem>
        <MenuItem onSelect={() => onAsk(true)}>Copy to a section…</MenuItem>
        <MenuItem onSelect={onDelete}>Delete</MenuItem>
      </Menu>
    </li>
  );
}

function halfAt(event: DragEvent): 'before' | 'after' {
  const box = event.currentTarget.getBoundingClientRect();
  return event.clientY < box.top + box.height / 2 ? 'before' : 'after';
}
