import { useMutation, useQuery } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, ChoiceField, offerUndo, TextField, Trouble } from '../../ui';
import { syllabusQuery } from '../syllabus';
import { useFollowing } from './useFollowing';

/** Points that the student added: they count in this notebook and nowhere else. */
export function OwnPointsCard({ notebook }: { notebook: string }) {
  const nodes = useQuery(syllabusQuery(notebook)).data ?? [];
  const follow = useFollowing(notebook);
  const change = useMutation({ mutationFn: (act: () => Promise<unknown>) => act(), onSuccess: follow });
  const own = nodes.filter((node) => node.origin === 'OWN');
  const topics = nodes.filter((node) => nodes.some((one) => one.parent === node.id && one.kind === 'POINT'));
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const text = (name: string) => String(new FormData(form).get(name) ?? '');
    const body = { topic: text('topic'), code: text('code'), statement: text('statement') };
    change.mutate(() => put(newId(), body), { onSuccess: () => form.reset() });
  };
  const at = (point: string) => ({ params: { path: { id: notebook, point } } });
  const put = (point: string, body: Api['OwnPointBody']) =>
    unwrap(api.PUT('/api/notebooks/{id}/own-points/{point}', { ...at(point), body }));
  const takeOut = ({ id, parent = '', code, title }: Api['NodeView']) =>
    change.mutate(async () => {
      await unwrap(api.DELETE('/api/notebooks/{id}/own-points/{point}', at(id)));
      const body = { topic: parent, code, statement: title };
      offerUndo(`${code} is taken out`, () => change.mutate(() => put(id, body)));
    });
  return (
    <Card title="Points of my own">
      <p className="mb-2 text-soft">
        Something the exam may ask that the list leaves out. It counts in this notebook only, with its share
        of its topic.
      </p>
      <ul className="mb-2">
        {own.map((point) => (
          <li key={point.id} className="flex items-baseline gap-3 border-b border-line/60 py-1">
            <b className="w-12 shrink-0 text-petrol">{point.code}</b>
            <span className="min-w-0 flex-1">{point.title}</span>
            <Button look="quiet" aria-label={`Take out ${point.code}`} onClick={() => takeOut(point)}>
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <Trouble>{change.error?.message}</Trouble>
      <form onSubmit={add}>
        <div className="grid gap-x-3 sm:grid-cols-[1fr_7rem]">
          <ChoiceField label="Topic" name="topic" required>
            {topics.map((topic) => (
              <option key={topic.id} value={topic.id}>
                {topic.code} {topic.title}
              </option>
            ))}
          </ChoiceField>
          <TextField label="Code" name="code" required maxLength={40} />
        </div>
        <TextField label="What to know" name="statement" required maxLength={1000} />
        <Button type="submit">Add the point</Button>
      </form>
    </Card>
  );
}
