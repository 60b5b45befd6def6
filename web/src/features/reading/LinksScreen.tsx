import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import type { Api } from '../../api';
import { Button, Card, dayName, Empty, Heading, moment, plural, Trouble } from '../../ui';
import { linksQuery, takeLinkBack } from './queries';

const HOW =
  'A section, a page, a set of photos, a collection or a version that you handed in can be read by somebody outside: open it, and choose Link for a reader.';

const ABOUT: Record<Api['ReaderLinksView']['rule'], string> = {
  FREE: HOW,
  CONSENT: `${HOW} It opens once a teacher of yours has said yes.`,
  NONE: 'Your school gives no links to readers outside.',
};

/** Who outside may read what, whether they did, what they answered; and the way to take a link back. */
export function LinksScreen() {
  const { rule, links } = useSuspenseQuery(linksQuery).data;
  const queries = useQueryClient();
  const back = useMutation({
    mutationFn: takeLinkBack,
    onSettled: () => queries.invalidateQueries({ queryKey: ['reader-links'] }),
  });
  return (
    <div className="max-w-3xl">
      <Heading name="Links for readers" className="mb-1 text-[24px]" />
      <p className="mb-3 max-w-[68ch] text-soft">{ABOUT[rule]}</p>
      <Card>
        <Trouble>{back.error?.message}</Trouble>
        {links.length === 0 && <Empty>Nobody outside has a link of yours.</Empty>}
        <ul>
          {links.map((link) => (
            <GivenLink key={link.id} link={link} onBack={() => back.mutate(link.id)} />
          ))}
        </ul>
      </Card>
    </div>
  );
}

function GivenLink({ link, onBack }: { link: Api['ReaderLinkView']; onBack: () => void }) {
  return (
    <li className="border-b border-line/60 py-3 first:pt-0 last:border-0 last:pb-0">
      <div className="flex flex-wrap items-start gap-x-3 gap-y-1">
        <p className="min-w-0 flex-1">
          <b>{link.title}</b> for {link.reader}
          <br />
          <span className="text-[14px] text-soft">
            {opens(link)} · given {moment(link.madeAt)}
            {link.word && ' · with a word'}
            {link.mail && ` · ${link.consent === 'WAITING' ? 'to be sent' : 'sent'} to ${link.mail}`}
            {!isWaiting(link) && ` · ${timesOpened(link)}`}
          </span>
        </p>
        {(link.open || isWaiting(link)) && (
          <Button look="warn" onClick={onBack} aria-label={`Take it back: the link for ${link.reader}`}>
            Take it back
          </Button>
        )}
      </div>
      {link.answer && (
        <blockquote className="mt-2 border-l-4 border-line pl-3 whitespace-pre-line">
          <span className="block text-[13px] text-soft">{link.reader} answered</span>
          {link.answer}
        </blockquote>
      )}
    </li>
  );
}

/** It can open still, once a teacher says yes. */
const isWaiting = ({ consent, over }: Api['ReaderLinkView']) => consent === 'WAITING' && !over;

function opens(link: Api['ReaderLinkView']) {
  if (link.consent === 'REFUSED') return 'A teacher said no';
  if (isWaiting(link)) return 'Waits for a teacher’s yes';
  return link.open ? `Opens until ${dayName(link.lastDay)}` : 'Opens nothing any more';
}

const timesOpened = ({ opened, openedAt }: Api['ReaderLinkView']) =>
  openedAt ? `opened ${plural(opened, 'time')}, last ${moment(openedAt)}` : 'not opened yet';
