import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { AtWork, Button, Card, ChoiceField, fileSize, moment, Trouble } from '../../ui';
import { notebooksQuery } from '../contents';
import { bagsQuery, deleteBag, makeBag } from './queries';

const EVERYTHING = '';

/** Makes bags, and gives out those that are ready. */
export function MakeCard() {
  const notebooks = useSuspenseQuery(notebooksQuery).data;
  const { made } = useSuspenseQuery(bagsQuery).data;
  const queries = useQueryClient();
  const [notebook, setNotebook] = useState(EVERYTHING);
  const look = () => queries.invalidateQueries({ queryKey: ['bags'] });
  const make = useMutation({ mutationFn: () => makeBag(notebook || undefined), onSettled: look });
  const remove = useMutation({ mutationFn: deleteBag, onSettled: look });
  return (
    <Card title="Make a bag">
      <div className="flex flex-wrap items-end gap-2">
        <ChoiceField
          label="What goes into it"
          value={notebook}
          onChange={(event) => setNotebook(event.target.value)}
        >
          <option value={EVERYTHING}>Everything that is yours</option>
          {notebooks.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </ChoiceField>
        <Button look="act" className="mb-3" onClick={() => make.mutate()} disabled={make.isPending}>
          Make it
        </Button>
      </div>
      <Trouble>{(make.error ?? remove.error)?.message}</Trouble>
      <ul>
        {made.map((bag) => (
          <MadeBag key={bag.id} bag={bag} onDelete={() => remove.mutate(bag.id)} />
        ))}
      </ul>
      {made.length > 0 && <p className="mt-2 text-[13px] text-soft">A bag stays here for 7 days.</p>}
    </Card>
  );
}

function MadeBag({ bag, onDelete }: { bag: Api['BagView']; onDelete: () => void }) {
  return (
    <li className="border-t border-line/60 py-2.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="min-w-0 flex-1">
          <b>{bag.title}</b>
          <br />
          <span className="text-[13px] text-soft">
            As it was {moment(bag.wantedAt)}
            {bag.state === 'READY' && ` · ${fileSize(bag.bytes)}`}
          </span>
        </span>
        {bag.state === 'READY' && (
          <a
            className="inline-flex min-h-8 items-center rounded-md border border-line px-3 py-1 font-semibold hover:border-petrol"
            href={`/api/bags/${bag.id}/file`}
            aria-label={`Save the bag of ${bag.title}`}
          >
            Save
          </a>
        )}
        <Button look="quiet" onClick={onDelete} aria-label={`Delete the bag of ${bag.title}`}>
          Delete
        </Button>
      </div>
      {bag.state === 'WAITING' && (
        <AtWork share={bag.share}>It is being made. You can go on meanwhile, and leave this screen.</AtWork>
      )}
      {bag.state === 'FAILED' && <Trouble>{bag.words}</Trouble>}
    </li>
  );
}
