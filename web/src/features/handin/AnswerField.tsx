import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button } from '../../ui';
import { versionQuery } from './queries';

/** What a student says to a remark; kept on the device at once, sent when it can be. */
export function AnswerField({ remark, version }: { remark: Api['RemarkView']; version: string }) {
  const [isOpen, setOpen] = useState(false);
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const keep = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const words = String(new FormData(event.currentTarget).get('words')).trim();
    queries.setQueryData(
      versionQuery(version).queryKey,
      (shown) =>
        shown && {
          ...shown,
          remarks: shown.remarks.map((one) =>
            one.id === remark.id ? { ...one, answer: words || undefined } : one,
          ),
        },
    );
    outbox.act({ pageId: version, method: 'PUT', path: `/api/remarks/${remark.id}/answer`, body: { words } });
    setOpen(false);
  };
  if (!isOpen)
    return (
      <Button look="quiet" className="-ml-1.5 min-h-[24px]" onClick={() => setOpen(true)}>
        {remark.answer ? 'Change your answer' : 'Answer'}
      </Button>
    );
  return (
    <form onSubmit={keep} className="flex w-full gap-2">
      <input
        name="words"
        aria-label={`Answer to remark ${remark.number}`}
        defaultValue={remark.answer}
        autoFocus
        maxLength={2000}
        className="min-h-8 min-w-0 flex-1 rounded border border-line bg-card px-2"
      />
      <Button type="submit">Keep</Button>
    </form>
  );
}
