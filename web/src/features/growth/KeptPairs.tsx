import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, offerUndo } from '../../ui';
import { GlimpseCard } from '../entry';
import { thenAndNowsQuery } from './queries';

/** The pairs that were kept, of all notebooks. */
export function KeptPairs() {
  const all = useQuery(thenAndNowsQuery).data ?? [];
  if (all.length === 0) return null;
  return (
    <Card title="Then and now, kept" className="mb-3">
      <ul className="grid grid-cols-[minmax(0,1fr)] gap-x-6 lg:grid-cols-2">
        {all.map((line) => (
          <Kept key={line.pair.id} line={line} />
        ))}
      </ul>
    </Card>
  );
}

function Kept({ line: { pair, earlier, later } }: { line: Api['ThenAndNowLine'] }) {
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: ['growth'] });
  const at = { params: { path: { id: pair.id } } };
  const remove = async () => {
    await unwrap(api.DELETE('/api/then-and-nows/{id}', at));
    refresh();
    offerUndo(`Deleted the pair “${pair.title}”`, async () => {
      await unwrap(api.POST('/api/then-and-nows/{id}/restore', at));
      refresh();
    });
  };
  const look = (
    <>
      <span className="flex shrink-0 gap-1">
        <Side work={earlier} />
        <Side work={later} />
      </span>
      <span className="min-w-0 flex-1">
        <b className="block truncate">{pair.title}</b>
        <span className="line-clamp-2 text-[13.5px] text-soft">{pair.words}</span>
      </span>
    </>
  );
  return (
    <li className="flex items-center gap-3 border-b border-line py-2">
      {earlier && later ? (
        <Link
          to={`/n/${pair.notebookId}/growth?entries=${pair.earlier}&entries=${pair.later}`}
          className="flex min-w-0 flex-1 items-center gap-3 hover:text-petrol"
        >
          {look}
        </Link>
      ) : (
        <span className="flex min-w-0 flex-1 items-center gap-3">{look}</span>
      )}
      <Button look="quiet" aria-label={`Delete the pair ${pair.title}`} onClick={remove}>
        Delete
      </Button>
    </li>
  );
}

function Side({ work }: { work?: Api['Glimpse'] }) {
  return (
    <span className="grid h-[46px] w-[62px] place-items-center overflow-hidden rounded border border-line text-[10.5px] leading-tight text-soft">
      {work ? <GlimpseCard work={work} words="line-clamp-3" /> : 'in the bin'}
    </span>
  );
}
