import {
  ArrowBendUpLeft,
  Books,
  ChartBar,
  Exam,
  ListChecks,
  PaperPlaneTilt,
  Question,
  Scissors,
  Trash,
  Tray,
} from '@phosphor-icons/react';
import { useQuery } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import type { Api } from '../../api';
import { Cover } from './Cover';
import { contentsQuery, notebooksQuery, useNotebook } from './queries';
import { childrenOf } from './sections';

/** The contents of the notebook at hand: its sections, and below them the ways to look at it. */
export function ContentsPanel({ onGo }: { onGo: () => void }) {
  const notebook = useNotebook();
  const contents = useQuery({ ...contentsQuery(notebook?.id ?? ''), enabled: !!notebook }).data;
  const { section, page } = useParams();
  const open = section ?? contents?.pages.find((one) => one.id === page)?.sectionId;
  return (
    <nav
      aria-label="Contents"
      onClick={(event) => (event.target as HTMLElement).closest('a') && onGo()}
      onKeyDown={undefined}
    >
      <NotebookMenu current={notebook} />
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
          <hr className="mx-3 my-3 border-line" />
          <Way to={`/n/${notebook.id}/coverage`} icon={<ChartBar />} name="Coverage" />
          <Way to={`/n/${notebook.id}/papers`} icon={<Exam />} name="Past papers" />
          <Way to={`/n/${notebook.id}/edition`} icon={<ListChecks />} name="Syllabus and exam" />
          <Way to={`/n/${notebook.id}/needle`} icon={<Scissors />} name="Needle" />
          <Way to={`/n/${notebook.id}/unfiled`} icon={<Tray />} name="Unfiled work" />
          <Way to={`/n/${notebook.id}/marks`} icon={<Question />} name="Marks" />
          <Way to={`/n/${notebook.id}/reflections`} icon={<ArrowBendUpLeft />} name="Weekly reflections" />
          <Way to="/collections" icon={<Books />} name="Collections" />
          <Way to="/hand-ins" icon={<PaperPlaneTilt />} name="Hand-ins" />
          <Way to={`/n/${notebook.id}/bin`} icon={<Trash />} name="Bin" />
        </>
      )}
    </nav>
  );
}

const row = (isActive: boolean) =>
  `flex items-baseline gap-2 rounded-md border-l-[3px] px-2 py-1 leading-snug hover:bg-card ${
    isActive ? 'border-petrol bg-card font-semibold' : 'border-transparent'
  }`;

function Way({ to, icon, name }: { to: string; icon: ReactNode; name: string }) {
  return (
    <NavLink to={to} className={({ isActive }) => row(isActive)}>
      <span className="flex w-6 shrink-0 justify-end self-center text-soft" aria-hidden="true">
        {icon}
      </span>
      {name}
    </NavLink>
  );
}

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
    <ul className={depth === 0 ? 'mt-2' : depth > 1 ? 'pl-3' : ''}>
      {childrenOf(contents.sections, parent).map((section) => (
        <li key={section.id} className={depth === 0 ? 'mb-2.5' : ''}>
          <NavLink
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

function NotebookMenu({ current }: { current: Api['NotebookView'] | undefined }) {
  const go = useNavigate();
  const all = useQuery(notebooksQuery).data ?? [];
  const item = 'cursor-pointer rounded px-3 py-1.5 outline-none data-highlighted:bg-petrol-wash';
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="flex w-full items-center justify-between rounded px-2.5 py-1 text-left font-head text-[16px] font-bold">
        <span className="flex items-center gap-2">
          {current && <Cover colour={current.cover} />}
          {current?.title ?? 'No notebook yet'}
        </span>
        <span aria-hidden="true" className="text-[10px] text-soft">
          ▼
        </span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="start"
        className="z-40 w-[208px] rounded-md border border-line bg-card p-1.5 text-ink shadow-lg"
      >
        {all.map((notebook) => (
          <DropdownMenu.Item
            key={notebook.id}
            className={item}
            onSelect={() => go(`/n/${notebook.id}/coverage`)}
          >
            <span className="flex items-center gap-2">
              <Cover colour={notebook.cover} />
              {notebook.title}
            </span>
          </DropdownMenu.Item>
        ))}
        <DropdownMenu.Item className={`${item} text-petrol`} onSelect={() => go('/new')}>
          New notebook…
        </DropdownMenu.Item>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
