import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, unwrap } from '../../api';
import { Button, Card, Empty, Heading, moment, Trouble } from '../../ui';
import { binQuery } from './queries';

export function BinScreen() {
  const { notebook = '' } = useParams();
  const queries = useQueryClient();
  const bin = useSuspenseQuery(binQuery(notebook)).data;
  const restore = useMutation({
    mutationFn: (thing: string) =>
      unwrap(
        api.POST('/api/notebooks/{id}/bin/{thing}/restore', { params: { path: { id: notebook, thing } } }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  return (
    <div className="max-w-3xl">
      <Heading name="Bin" />
      <Trouble>{restore.error?.message}</Trouble>
      <Card>
        {bin.length === 0 && (
          <Empty>Nothing here. What you delete stays here for 30 days and comes back whole.</Empty>
        )}
        <ul>
          {bin.map((thing) => (
            <li key={thing.id} className="flex items-center gap-3 border-b border-line py-2">
              <span className="w-16 text-[13px] text-soft">
                {{ SECTION: 'Section', PAGE: 'Page', ENTRY: 'Entry' }[thing.kind]}
              </span>
              <span className="flex-1">{thing.name}</span>
              <span className="text-[13px] text-soft">{moment(thing.deletedAt)}</span>
              <Button onClick={() => restore.mutate(thing.id)}>Bring back</Button>
            </li>
          ))}
        </ul>
      </Card>
    </div>
  );
}
