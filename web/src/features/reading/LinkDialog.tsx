import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Button, Dialog, TextField, Tick, Trouble } from '../../ui';
import { LinkMade } from './LinkMade';
import { linksQuery, makeLink } from './queries';
import { daysAfter, newSecret } from './secret';
import type { Giving } from './useGivingLink';

type Props = Giving & { onClose: () => void };

const WEEK = 7;
const LONGEST = 89;

/** Asks for whom a link is, until when, and with what word; then gives it. */
export function LinkDialog({ kind, of, title, onClose }: Props) {
  const queries = useQueryClient();
  const { mailed = false, rule } = useQuery(linksQuery).data ?? {};
  const [secret] = useState(newSecret);
  const make = useMutation({
    mutationFn: makeLink,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['reader-links'] }),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const said = new FormData(event.currentTarget);
    const words = (name: string) => String(said.get(name) ?? '').trim();
    make.mutate({
      kind,
      of,
      reader: words('reader'),
      mail: words('mail') || undefined,
      lastDay: words('lastDay'),
      word: words('word') || undefined,
      mayAnswer: said.has('mayAnswer'),
      secret,
    });
  };
  return (
    <Dialog title={`Link to “${title}”`} onClose={onClose}>
      {make.data ? (
        <LinkMade link={make.data} secret={secret} />
      ) : (
        <form onSubmit={submit}>
          <p className="mb-3">
            Your reader sees this and nothing else of yours, without an account, and can change nothing.
            {rule === 'CONSENT' && ' A teacher of yours looks at it and says yes before it opens.'}
          </p>
          <TextField label="For whom" name="reader" required maxLength={120} autoComplete="off" />
          {mailed && (
            <TextField
              label="Their mail address"
              name="mail"
              type="email"
              autoComplete="off"
              hint="The link is sent there. Leave it empty to give it to them yourself."
            />
          )}
          <TextField
            label="Until"
            name="lastDay"
            type="date"
            required
            defaultValue={daysAfter(new Date(), WEEK)}
            min={daysAfter(new Date(), 0)}
            max={daysAfter(new Date(), LONGEST)}
          />
          <TextField
            label="A word to open it"
            name="word"
            minLength={4}
            maxLength={60}
            autoComplete="off"
            hint="Only if you want one. Tell it to your reader; it stands in no mail."
          />
          <Tick name="mayAnswer" defaultChecked>
            They may write one answer to you
          </Tick>
          <Trouble>{make.error?.message}</Trouble>
          <Button look="act" type="submit" className="mt-3" disabled={make.isPending}>
            Make the link
          </Button>
        </form>
      )}
    </Dialog>
  );
}
