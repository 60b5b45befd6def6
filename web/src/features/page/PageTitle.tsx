import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Heading, Menu, MenuItem, offerUndo, Trouble } from '../../ui';
import { pageQuery } from '../entry';
import { useGivingLink } from '../reading';

const PAUSE_MILLIS = 700;

/** The title of a page, kept while it is typed; and the way to the bin. */
export function PageTitle({ page }: { page: Api['PageView'] }) {
  const queries = useQueryClient();
  const go = useNavigate();
  const [title, setTitle] = useState(page.title);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const path = { params: { path: { id: page.id } } };
  const rename = useMutation({
    mutationFn: (next: string) =>
      unwrap(api.PATCH('/api/pages/{id}', { ...path, body: { title: next, day: page.day } })),
    onSuccess: (now) => queries.setQueryData(pageQuery(page.id).queryKey, now),
  });
  const remove = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/pages/{id}', path)),
    onSuccess: async () => {
      offerUndo(`Put “${page.title}” into the bin`, async () => {
        const thing = { params: { path: { id: page.notebookId, thing: page.id } } };
        await unwrap(api.POST('/api/notebooks/{id}/bin/{thing}/restore', thing));
        await queries.invalidateQueries({ queryKey: ['contents', page.notebookId] });
      });
      await queries.invalidateQueries({ queryKey: ['contents', page.notebookId] });
      go(`/n/${page.notebookId}/s/${page.sectionId}`);
    },
  });
  const giving = useGivingLink({ kind: 'PAGE', of: page.id, title: page.title });
  const keep = (next: string) => {
    clearTimeout(timer.current);
    if (next.trim() && next.trim() !== page.title) rename.mutate(next.trim());
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <>
      <div className="flex items-start gap-2">
        <Heading name={page.title} className="min-w-0 flex-1">
          <span className="sr-only">{page.title}</span>
          <textarea
            aria-label="Title of the page"
            rows={1}
            value={title}
            maxLength={120}
            className="field-sizing-content block w-full resize-none bg-transparent font-head text-[24px] leading-tight font-bold"
            onChange={(event) => {
              const next = event.target.value.replaceAll('\n', ' ');
              setTitle(next);
              clearTimeout(timer.current);
              timer.current = setTimeout(() => keep(next), PAUSE_MILLIS);
            }}
            onBlur={() => keep(title)}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          />
        </Heading>
        <span className="no-print pt-1">
          <Menu name="More" label="More to do with this page">
            <MenuItem onSelect={() => go(`/hand-in?pages=${page.id}`)}>Hand in this page</MenuItem>
            {giving.isAllowed && <MenuItem onSelect={giving.give}>Link for a reader</MenuItem>}
            <MenuItem onSelect={() => remove.mutate()}>Delete page</MenuItem>
          </Menu>
        </span>
      </div>
      {giving.dialog}
      <Trouble>{rename.error?.message ?? remove.error?.message}</Trouble>
    </>
  );
}
