import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, plural, Trouble } from '../../ui';
import { ChangedWords } from './ChangedWords';
import { useFollowing } from './useFollowing';

type Props = { notebook: string; move: Api['LastMoveView'] };

/** Where a notebook came from: reworded points to look at, and the way back. */
export function LastMoveCard({ notebook, move }: Props) {
  const follow = useFollowing(notebook);
  const act = useMutation({ mutationFn: (request: () => Promise<unknown>) => request(), onSuccess: follow });
  const path = { id: notebook, move: move.id };
  const points = move.toLookAt;
  return (
    <Card
      title={`Moved from ${move.from}`}
      aside={
        <Button
          onClick={() =>
            act.mutate(() => unwrap(api.POST('/api/notebooks/{id}/moves/{move}/undo', { params: { path } })))
          }
        >
          Go back
        </Button>
      }
    >
      <Trouble>{act.error?.message}</Trouble>
      {points.length === 0 ? (
        <p className="text-soft">What was notched before counts here too. Going back loses nothing.</p>
      ) : (
        <>
          <p className="mb-2 text-soft">
            {plural(points.length, 'line was', 'lines were')} reworded. Look whether your work still fits.
          </p>
          <ul>
            {points.map((change) => (
              <li key={change.after?.id} className="flex items-baseline gap-3 border-b border-line/60 py-1.5">
                <Link
                  to={`/n/${notebook}/needle?nodes=${change.after?.id}`}
                  className="w-12 shrink-0 font-bold text-petrol hover:underline"
                >
                  {change.after?.code}
                </Link>
                <span className="min-w-0 flex-1">
                  <ChangedWords words={change.words} />
                </span>
                <Button
                  look="quiet"
                  aria-label={`It fits: ${change.after?.code}`}
                  onClick={() =>
                    act.mutate(() =>
                      unwrap(
                        api.PUT('/api/notebooks/{id}/moves/{move}/looked-at/{line}', {
                          params: { path: { ...path, line: change.after?.id ?? '' } },
                        }),
                      ),
                    )
                  }
                >
                  It fits
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </Card>
  );
}
