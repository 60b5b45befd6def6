import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { Button, Dialog, moment, Trouble } from '../../ui';

const KEY = ['task-feed'];

/** The address at which a calendar program reads dated tasks; it is shown once and can be stopped. */
export function FeedDialog({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const feed = useQuery({ queryKey: KEY, queryFn: () => unwrap(api.GET('/api/task-feed')) }).data;
  const make = useMutation({
    mutationFn: () => unwrap(api.POST('/api/task-feed')),
    onSuccess: () => queries.invalidateQueries({ queryKey: KEY }),
  });
  const stop = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/task-feed')),
    onSuccess: () => {
      make.reset();
      queries.invalidateQueries({ queryKey: KEY });
    },
  });
  const address = make.data && `${window.location.origin}${make.data.path}`;
  return (
    <Dialog title="Tasks in my calendar" onClose={onClose}>
      <p className="mb-3">
        A calendar program can show what you have to hand in, and your tasks that have a date. It reads them
        at an address that nobody can guess. Whoever has the address sees these, and nothing else.
      </p>
      {address ? (
        <>
          <input
            readOnly
            aria-label="Address of the calendar"
            value={address}
            className="mb-2 w-full rounded-md border border-line bg-wash px-2.5 py-2 text-[13px]"
            onFocus={(event) => event.target.select()}
          />
          <p className="mb-3 text-soft">
            Copy it now: it is not shown again. Add it as a calendar by address.
          </p>
          <Button onClick={() => navigator.clipboard?.writeText(address)}>Copy</Button>
        </>
      ) : (
        <p className="mb-3 text-soft">
          {feed?.madeAt ? `An address is in use since ${moment(feed.madeAt)}.` : 'There is no address yet.'}
        </p>
      )}
      <div className="mt-3 flex gap-2">
        {!address && (
          <Button look="act" onClick={() => make.mutate()}>
            {feed?.madeAt ? 'Make a new one, stop the old' : 'Make the address'}
          </Button>
        )}
        {feed?.madeAt && (
          <Button look="warn" onClick={() => stop.mutate()}>
            Stop it
          </Button>
        )}
      </div>
      <Trouble>{make.error?.message ?? stop.error?.message}</Trouble>
    </Dialog>
  );
}
