import { NavLink } from 'react-router';
import type { Api } from '../../api';
import { percent } from '../../ui';
import { Cover } from './Cover';

type Standing = Api['Standing'] | undefined;

/** The rooms of the open notebook, each with the figure that says whether to go there. */
export function NotebookCard({ notebook, standing }: { notebook: Api['NotebookView']; standing: Standing }) {
  const at = `/n/${notebook.id}`;
  const covered = notebook.hasSyllabus && standing ? percent(standing.marksCovered) : undefined;
  return (
    <div className="shrink-0 rounded-lg bg-card px-2 pt-2.5 pb-1.5">
      <p className="mb-1.5 flex items-center gap-2 px-1.5 font-head text-[16px] leading-tight font-bold">
        <Cover colour={notebook.cover} />
        {notebook.title}
      </p>
      <div className="grid grid-cols-2 gap-x-1 text-[13.5px]">
        <Room to={`${at}/coverage`} name="Coverage" figure={covered} says="of the marks" />
        <Room to={`${at}/needle`} name="Needle" />
        <Room
          to={`${at}/papers`}
          name="Papers"
          figure={standing?.papers ? `${standing.papersDone}/${standing.papers}` : undefined}
          says="past papers done"
        />
        <Room to={`${at}/marks`} name="Marks" figure={standing?.openMarks || undefined} says="open" />
        <Room to={`${at}/reflections`} name="Looking back" />
        <Room to={`${at}/growth`} name="Growth" />
        <Room
          to={`${at}/unfiled`}
          name="Unfiled"
          figure={standing?.unfiled || undefined}
          says="notched nowhere"
        />
        <Room to={`${at}/edition`} name="Syllabus" />
        <Room to={`${at}/bin`} name="Bin" />
        {notebook.classId && (
          <>
            <Room to={`/classes/${notebook.classId}/noticeboard`} name="Noticeboard" />
            <Room to={`/classes/${notebook.classId}/groups`} name="Groups" />
          </>
        )}
      </div>
    </div>
  );
}

function Room({
  to,
  name,
  figure,
  says,
}: {
  to: string;
  name: string;
  figure?: string | number | undefined;
  says?: string;
}) {
  return (
    <NavLink
      to={to}
      title={figure === undefined ? undefined : `${figure} ${says}`}
      className={({ isActive }) =>
        `flex min-h-[27px] items-center justify-between gap-1 rounded px-1.5 whitespace-nowrap hover:bg-petrol-wash ${isActive ? 'bg-petrol-wash font-semibold' : ''}`
      }
    >
      {name}
      {figure !== undefined && (
        <span aria-hidden="true" className="text-[12px] font-normal text-soft">
          {figure}
        </span>
      )}
    </NavLink>
  );
}
