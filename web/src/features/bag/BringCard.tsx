import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { AtWork, Button, Card, Trouble } from '../../ui';
import { BroughtBag } from './BroughtBag';
import { bagsQuery, bringBag, deleteBag, takeBagIn } from './queries';

/** Brings bags in: sent first, then looked through file by file, then taken in when their owner says so. */
export function BringCard() {
  const { brought } = useSuspenseQuery(bagsQuery).data;
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [sent, setSent] = useState(0);
  const look = () => queries.invalidateQueries({ queryKey: ['bags'] });
  const bring = useMutation({ mutationFn: (file: File) => bringBag(file, setSent), onSettled: look });
  const take = useMutation({ mutationFn: takeBagIn, onSettled: look });
  const remove = useMutation({ mutationFn: deleteBag, onSettled: look });
  return (
    <Card title="Bring one in">
      <p className="mb-2">
        It is looked through first, and you see what is in it. What you have here already stays as it is.
      </p>
      <Button onClick={() => input.current?.click()} disabled={bring.isPending}>
        Choose a bag
      </Button>
      <input
        ref={input}
        type="file"
        accept=".zip,application/zip"
        className="hidden"
        aria-label="A bag to bring in"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) bring.mutate(file);
          event.target.value = '';
        }}
      />
      {bring.isPending && (
        <AtWork share={sent}>It is being sent. Keep this screen open until it is there.</AtWork>
      )}
      <Trouble>{(bring.error ?? take.error ?? remove.error)?.message}</Trouble>
      <ul className="mt-2">
        {brought.map((bag) => (
          <BroughtBag
            key={bag.id}
            bag={bag}
            onTake={() => take.mutate(bag.id)}
            onDelete={() => remove.mutate(bag.id)}
          />
        ))}
      </ul>
    </Card>
  );
}
