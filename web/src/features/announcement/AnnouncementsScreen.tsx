import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, ChoiceField, Empty, Heading, moment, offerUndo, Trouble } from '../../ui';
import { setWorkQuery } from '../setwork';
import { saidQuery } from './queries';

type Said = Pick<Api['SaidView'], 'id' | 'words' | 'about'>;

/** What was said to a class, who has read it, and saying something new. */
export function AnnouncementsScreen() {
  const { class: id = '' } = useParams();
  const { className, said } = useSuspenseQuery(saidQuery(id)).data;
  const queries = useQueryClient();
  const [open, setOpen] = useState<string>();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSettled: () => queries.invalidateQueries({ queryKey: saidQuery(id).queryKey }),
  });
  const of = (announcement: string) => ({ params: { path: { id, announcement } } });
  const put = ({ id: one, words, about }: Said) =>
    unwrap(
      api.PUT('/api/classes/{id}/announcements/{announcement}', {
        ...of(one),
        body: { words, setWork: about?.setWork },
      }),
    );
  const say = (wish: Said) => change.mutateAsync(() => put(wish));
  const takeBack = (one: Said) =>
    change.mutate(async () => {
      await unwrap(api.DELETE('/api/classes/{id}/announcements/{announcement}', of(one.id)));
      offerUndo('It is taken back', () => change.mutate(() => put(one)));
    });
  return (
    <div className="grid max-w-5xl grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[1fr_330px]">
      <div>
        <Heading name={`Said to ${className}`} />
        <Trouble>{change.error?.message}</Trouble>
        <Card>
          {said.length === 0 && (
            <Empty>Nothing yet. What you say stands in their week until they have read it.</Empty>
          )}
          <ul>
            {said.map((one) => (
              <li key={one.id} className="border-b border-line py-2.5 last:border-0">
                {open === one.id ? (
                  <SayForm schoolClass={id} said={one} onSay={say} onDone={() => setOpen(undefined)} />
                ) : (
                  <SaidRow one={one} onChange={() => setOpen(one.id)} onTakeBack={() => takeBack(one)} />
                )}
              </li>
            ))}
          </ul>
        </Card>
      </div>
      <Card title="Say something" className="lg:mt-[38px]">
        <SayForm key={said.length} schoolClass={id} onSay={say} onDone={() => {}} />
      </Card>
    </div>
  );
}

type RowProps = { one: Api['SaidView']; onChange: () => void; onTakeBack: () => void };

function SaidRow({ one, onChange, onTakeBack }: RowProps) {
  const all = one.readBy + one.unread.length;
  return (
    <>
      <p className="whitespace-pre-line">{one.words}</p>
      <p className="text-[13px] text-soft">
        {[one.about && `About “${one.about.title}”`, one.by, moment(one.saidAt)].filter(Boolean).join(' · ')}
      </p>
      <div className="flex flex-wrap items-start gap-x-4">
        <details className="min-w-52 flex-1 text-[13.5px]">
          <summary className="min-h-7 cursor-pointer font-semibold hover:text-petrol">
            {one.readBy} of {one.isForSome && 'the '}
            {all} {one.isForSome && 'who had begun '}have read it
          </summary>
          {one.unread.length > 0 && <p className="text-soft">Not yet: {one.unread.join(', ')}</p>}
        </details>
        <span className="flex gap-2">
          <Button aria-label={`Change: ${one.words.slice(0, 60)}`} onClick={onChange}>
            Change
          </Button>
          <Button look="quiet" aria-label={`Take back: ${one.words.slice(0, 60)}`} onClick={onTakeBack}>
            Take back
          </Button>
        </span>
      </div>
    </>
  );
}

type FormProps = {
  schoolClass: string;
  said?: Said;
  onSay: (said: Said) => Promise<unknown>;
  onDone: () => void;
};

/** Words, and the set work that they are about where they are about one. */
function SayForm({ schoolClass, said, onSay, onDone }: FormProps) {
  const works = (useQuery(setWorkQuery).data ?? []).filter(({ setWork }) => setWork.classId === schoolClass);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const setWork = String(form.get('about'));
    onSay({
      id: said?.id ?? newId(),
      words: String(form.get('words')),
      about: setWork ? { setWork, title: '' } : undefined,
    }).then(onDone, () => {});
  };
  return (
    <form onSubmit={submit}>
      <label className="mb-3 block font-semibold">
        What you say to the class
        <textarea
          name="words"
          rows={4}
          required
          maxLength={2000}
          defaultValue={said?.words}
          className="mt-1 block field-sizing-content min-h-24 w-full rounded-md border border-line bg-card p-2 font-normal"
        />
      </label>
      <ChoiceField label="What it is about" name="about" defaultValue={said?.about?.setWork ?? ''}>
        <option value="">nothing that was set</option>
        {works.map(({ setWork }) => (
          <option key={setWork.id} value={setWork.id}>
            {setWork.title}
          </option>
        ))}
      </ChoiceField>
      {said && <p className="mb-2 text-[13px] text-soft">If you change it, nobody has read it.</p>}
      <div className="flex gap-2">
        <Button look="act" type="submit">
          {said ? 'Say it like this' : 'Say it'}
        </Button>
        {said && <Button onClick={onDone}>Leave it as it was</Button>}
      </div>
    </form>
  );
}
