import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import { Button, ChoiceField, Dialog, TextField, Trouble } from '../../ui';
import type { Collection, OwnDetail } from './details';
import { offeredQuery } from './queries';
import { useThings } from './useThings';

const KINDS: Record<OwnDetail['kind'], string> = {
  WORDS: 'words',
  NUMBER: 'a number',
  DAY: 'a day',
  YES_OR_NO: 'yes or no',
  ONE_OF: 'one of a few values',
  SOME_OF: 'some of a few values',
  PERSON: 'people',
};

type Props = { collection: Collection; detail?: OwnDetail; onClose: () => void };

/** A detail of a collection: a new one, or another name for one that is there. */
export function DetailDialog({ collection, detail, onClose }: Props) {
  const { keepDetail, trouble } = useThings(collection.id);
  const [now, setNow] = useState<OwnDetail>(
    () => detail ?? { id: newId(), name: '', kind: 'ONE_OF', unit: '' },
  );
  const taken = new Set(collection.details.map(({ name }) => name.toLowerCase()));
  const offered = (useQuery(offeredQuery(collection.id)).data ?? []).filter(
    ({ name }) => !taken.has(name.toLowerCase()),
  );
  const keep = (event: FormEvent) => {
    event.preventDefault();
    void keepDetail(now).then(onClose);
  };
  const name = (typed: string) => {
    const before = offered.find((one) => one.name === typed);
    setNow(before && !detail ? { ...now, ...before, id: now.id } : { ...now, name: typed });
  };
  return (
    <Dialog title={detail ? `Another name for ${detail.name}` : 'Add a detail'} onClose={onClose}>
      <form onSubmit={keep}>
        <Trouble>{trouble}</Trouble>
        <TextField
          label="Name"
          hint={detail ? undefined : 'By which things are told apart: what kind, what it costs, seen where.'}
          value={now.name}
          maxLength={60}
          required
          autoFocus
          list="details-before"
          onChange={(event) => name(event.target.value)}
        />
        <datalist id="details-before">
          {offered.map((one) => (
            <option key={one.name} value={one.name} />
          ))}
        </datalist>
        {!detail && (
          <ChoiceField
            label="It is"
            value={now.kind}
            onChange={(event) => setNow({ ...now, kind: event.target.value as OwnDetail['kind'] })}
          >
            {Object.entries(KINDS).map(([kind, words]) => (
              <option key={kind} value={kind}>
                {words}
              </option>
            ))}
          </ChoiceField>
        )}
        {now.kind === 'NUMBER' && (
          <TextField
            label="Unit"
            value={now.unit}
            maxLength={20}
            placeholder="m, years, a metre"
            onChange={(event) => setNow({ ...now, unit: event.target.value })}
          />
        )}
        <Button look="act" type="submit">
          {detail ? 'Keep the name' : 'Add it'}
        </Button>
      </form>
    </Dialog>
  );
}
