import { Link } from 'react-router';
import type { Api } from '../../api';
import { percent } from '../../ui';
import { Cover } from './Cover';

/** The other notebooks with where each stands, one press away; and the way to a new one. */
export function OtherNotebooks({
  notebooks,
  standings,
}: {
  notebooks: Api['NotebookView'][];
  standings: Api['Standing'][];
}) {
  const shareOf = (id: string) => standings.find((one) => one.notebookId === id)?.marksCovered;
  return (
    <div className="no-scrollbar flex max-h-[32%] shrink-0 flex-col gap-1 overflow-y-auto">
      {notebooks.map((notebook) => {
        const share = notebook.hasSyllabus ? shareOf(notebook.id) : undefined;
        return (
          <Link
            key={notebook.id}
            to={`/n/${notebook.id}/coverage`}
            title={share === undefined ? undefined : `${percent(share)} of the marks`}
            className="flex min-h-8 items-center gap-2 rounded-md bg-card/60 px-3 font-head font-semibold hover:bg-card"
          >
            <Cover colour={notebook.cover} />
            <span className="min-w-0 flex-1 truncate">{notebook.title}</span>
            {share !== undefined && (
              <span aria-hidden="true" className="font-text text-[12.5px] font-normal text-soft">
                {percent(share)}
              </span>
            )}
          </Link>
        );
      })}
      <Link to="/new" className="px-3 py-1 text-[13px] font-semibold text-petrol hover:underline">
        New notebook
      </Link>
    </div>
  );
}
