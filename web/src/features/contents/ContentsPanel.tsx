import { useQuery } from '@tanstack/react-query';
import { NavLink, useParams } from 'react-router';
import type { Api } from '../../api';
import { NotebookCard } from './NotebookCard';
import { OtherNotebooks } from './OtherNotebooks';
import { contentsQuery, notebooksQuery, standingsQuery, useNotebook } from './queries';
import { childrenOf } from './sections';

/** The notebook at hand: its rooms, its sections, which scroll by themselves, and the other notebooks below. */
export function ContentsPanel({ onGo }: { onGo: () => void }) {
  const notebook = useNotebook();
  const all = useQuery(notebooksQuery).data ?? [];
  const standings = useQuery(standingsQuery).data ?? [];
  const contents = useQuery({ ...contentsQuery(notebook?.id ?? ''), enabled: !!notebook }).data;
  const { section, page } = useParams();
  const open = section ?? contents?.pages.find((one) => one.id === page)?.sectionId;
  return (
    <nav
      aria-label="Contents"
      className="flex h-full flex-col gap-2"
      onClick={(event) => (event.target as HTMLElement).closest('a') && onGo()}
      onKeyDown={undefined}
    >
      {notebook && (
        <NotebookCard
          notebook={notebook}
          standing={standings.find((one) => one.notebookId === notebook.id)}
        />
      )}
      <div className="min-h-0 flex-1 overflow-y-auto">
        {notebook && contents && (
          <>
            <SectionList contents={contents} parent={undefined} open={open} depth={0} />
            <NavLink
              to={`/n/${notebook.id}`}
              end
              className={({ isActive }) => `${row(isActive)} pl-[34px] text-[13px] text-soft`}
            >
              Arrange sections
            </NavLink>
          </>
        )}
      </div>
      <OtherNotebooks notebooks={all.filter((one) => one.id !== notebook?.id)} standings={standings} />
    </nav>
  );
}

const row = (isActive: boolean) =>
  `flex items-baseline gap-2 rounded-md border-l-[3px] px-2 py-1 leading-snug hover:bg-card ${
    isActive ? 'border-petrol bg-card font-semibold' : 'border-transparent'
  }`;

/** The contents scroll by themselves; where one is stays in sight. */
const showInList = (link: HTMLAnchorElement | null) => link?.scrollIntoView?.({ block: 'nearest' });

/** The sections below a parent; the open one, or the one of the open page, stands out. */
function SectionList({
  contents,
  parent,
  open,
  depth,
}: {
  contents: Api['ContentsView'];
  parent: string | undefined;
  open: string | undefined;
  depth: number;
}) {
  return (
    <ul className={depth === 0 ? '' : depth > 1 ? 'pl-3' : ''}>
      {childrenOf(contents.sections, parent).map((section) => (
        <li key={section.id} className={depth === 0 ? 'mb-2.5' : ''}>
          <NavLink
            ref={section.id === open ? showInList : undefined}
            to={`/n/${contents.notebook.id}/s/${section.id}`}
            title={section.isNeeded ? undefined : `Only for exam years ${section.examYears}`}
            className={`${row(section.id === open)} ${depth === 0 ? 'font-semibold' : ''} ${section.isNeeded ? '' : 'text-soft italic'}`}
          >
            <span className="w-6 shrink-0 text-right text-[12px] text-soft">{section.code}</span>
            <span className="min-w-0 flex-1">{section.title}</span>
            {(section.pages > 0 || depth > 0) && (
              <span className="text-[12px] text-soft">{section.pages}</span>
            )}
          </NavLink>
          <SectionList contents={contents} parent={section.id} open={open} depth={depth + 1} />
        </li>
      ))}
    </ul>
  );
}
