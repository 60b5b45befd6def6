import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Api } from '../../api';
import { Button, Card, dayName, Trouble } from '../../ui';
import { askedLinksQuery, decideLink } from './queries';

const THINGS: Record<Api['AskedLinkView']['kind'], string> = {
  VERSION: 'a version that was handed in',
  SECTION: 'a section',
  PAGE: 'a page',
  ENTRY: 'one piece of work',
  COLLECTION: 'a collection',
};

/** Links that a teacher's students want to give, each with what it would show; nothing where none waits. */
export function AskedLinks() {
  const asked = useQuery(askedLinksQuery).data ?? [];
  const queries = useQueryClient();
  const decide = useMutation({
    mutationFn: decideLink,
    onSettled: () => queries.invalidateQueries({ queryKey: askedLinksQuery.queryKey }),
  });
  if (asked.length === 0 && !decide.error) return null;
  return (
    <Card title="Links that wait for your yes" className="mb-3">
      <Trouble>{decide.error?.message}</Trouble>
      <ul>
        {asked.map((link) => (
          <AskedLink
            key={link.id}
            link={link}
            isBusy={decide.isPending}
            onDecide={(isYes) => decide.mutate({ id: link.id, isYes })}
          />
        ))}
      </ul>
    </Card>
  );
}

type Props = { link: Api['AskedLinkView']; isBusy: boolean; onDecide: (isYes: boolean) => void };

function AskedLink({ link, isBusy, onDecide }: Props) {
  const what = `${link.title} for ${link.reader}`;
  return (
    <li className="flex flex-wrap items-start gap-x-3 gap-y-1.5 border-b border-line/60 py-2.5 first:pt-0 last:border-0 last:pb-0">
      <p className="min-w-60 flex-1">
        <b>{link.student}</b> wants to show <b>{link.title}</b> to {link.reader}.
        <span className="block text-[13.5px] text-soft">
          {THINGS[link.kind]}
          {link.mail && ` · to be sent to ${link.mail}`} · until {dayName(link.lastDay)}
          {link.word && ' · with a word'}
          {link.mayAnswer && ' · they may write one answer'}
        </span>
      </p>
      <div className="flex flex-wrap gap-2">
        <a
          href={`/api/asked-links/${link.id}/page/`}
          target="_blank"
          rel="noreferrer"
          aria-label={`See it: ${what}, in a tab of its own`}
          className="inline-flex min-h-8 items-center rounded-md border border-line px-3 py-1 font-semibold hover:border-petrol"
        >
          See it
        </a>
        <Button look="act" disabled={isBusy} onClick={() => onDecide(true)} aria-label={`Yes: ${what}`}>
          Yes
        </Button>
        <Button disabled={isBusy} onClick={() => onDecide(false)} aria-label={`No: ${what}`}>
          No
        </Button>
      </div>
    </li>
  );
}
