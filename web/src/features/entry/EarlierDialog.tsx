import { queryOptions, useQuery } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { Button, Dialog, Empty, moment, Trouble } from '../../ui';
import { type InkDrawing, InkView } from '../ink';
import { ProseView } from '../text';
import type { Shown } from './shown';

const earlierQuery = (id: string) =>
  queryOptions({
    queryKey: ['earlier', id],
    queryFn: () => unwrap(api.GET('/api/entries/{id}/earlier', { params: { path: { id } } })),
    staleTime: 0,
  });

type Earlier = Api['EarlierView'];
type Props = { entry: Shown; onBack: (earlier: Earlier) => void; onClose: () => void };

/** What an entry was before, each state with the way to bring it back; what is there now is kept as one of them. */
export function EarlierDialog({ entry, onBack, onClose }: Props) {
  const { data, error } = useQuery(earlierQuery(entry.id));
  return (
    <Dialog title="Earlier versions" onClose={onClose} size="wide">
      <Trouble>{error?.message}</Trouble>
      {data?.length === 0 && (
        <Empty>None yet. One is kept whenever you go on with this entry after a while.</Empty>
      )}
      <ol>
        {data?.map((earlier) => (
          <li key={earlier.version} className="border-b border-line py-3 last:border-0">
            <div className="mb-1.5 flex items-center justify-between gap-3">
              <b>Until {moment(earlier.savedAt)}</b>
              <Button
                onClick={() => {
                  onBack(earlier);
                  onClose();
                }}
              >
                Bring this back
              </Button>
            </div>
            {entry.kind === 'TYPED' && <ProseView content={earlier.content} />}
            {entry.kind === 'INK' && (
              <InkView drawing={earlier.content as InkDrawing} title={earlier.caption} />
            )}
            {earlier.caption && <p className="text-[13px] text-soft">{earlier.caption}</p>}
          </li>
        ))}
      </ol>
    </Dialog>
  );
}
