import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Card, dayName, Empty, Heading, plural, Trouble, useKeys } from '../../ui';
import { contentsQuery, editionQuery } from './queries';
import { childrenOf } from './sections';

/** A section: its pages, what below it, and the way to hand it in. */
export function SectionScreen() {
  const { notebook = '', section: id = '' } = useParams();
  const go = useNavigate();
  const queries = useQueryClient();
  const contents = useSuspenseQuery(contentsQuery(notebook)).data;
  const nodes = useQuery(editionQuery(contents.notebook.editionId)).data?.nodes ?? [];
  const [title, setTitle] = useState('');
  const make = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/pages/{id}', {
          params: { path: { id: newId() } },
          body: { sectionId: id, title: title.trim() || 'Untitled page' },
        }),
      ),
    onSuccess: (page) => {
      queries.invalidateQueries({ queryKey: ['contents', notebook] });
      go(`/n/${notebook}/p/${page.id}`);
    },
  });
  useKeys({ w: () => make.mutate() });
  const section = contents.sections.find((one) => one.id === id);
  if (!section) return <Empty>This section is not here. It may be in the bin.</Empty>;
  const below = childrenOf(contents.sections, id);
  const pages = contents.pages.filter((page) => page.sectionId === id);
  const points = nodes.filter(
    (node) => node.kind === 'POINT' && node.parent && section.topics.includes(node.parent),
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] max-w-6xl items-start gap-4 lg:grid-cols-[1fr_300px]">
      <div>
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <Heading name={[section.code, section.title].filter(Boolean).join(' ')} className="text-[24px]">
            {section.code && <span className="text-petrol">{section.code} </span>}
            {section.title}
          </Heading>
          <Link
            to={`/n/${notebook}/s/${id}/hand-in`}
            className="rounded-md border border-line bg-card px-3 py-1.5 font-semibold hover:border-petrol"
          >
            Check and hand in
          </Link>
        </div>
        <Trouble>{make.error?.message}</Trouble>
        <Card>
          {pages.length === 0 && (
            <Empty>No pages yet. Give the first one a title, or just press Enter.</Empty>
          )}
          <ul>
            {pages.map((page) => (
              <li key={page.id}>
                <Link
                  to={`/n/${notebook}/p/${page.id}`}
                  className="flex items-baseline gap-3 border-b border-line py-2 hover:text-petrol"
                >
                  <span className="w-24 shrink-0 text-[13px] text-soft">{dayName(page.day)}</span>
                  <span className="flex-1 font-semibold">{page.title}</span>
                  <span className="text-[13px] text-soft">
                    {page.entries === 0 ? 'empty' : plural(page.entries, 'entry', 'entries')}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
          <form
            className="mt-3 flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              make.mutate();
            }}
          >
            <input
              aria-label="Title of a new page"
              placeholder="New page"
              value={title}
              onChange={(event) => setTitle(event.target.value)}
              className="min-h-8 min-w-0 flex-1 rounded-md border border-line bg-card px-2.5"
            />
            <Button look="act" type="submit" disabled={make.isPending}>
              Make a page
            </Button>
          </form>
        </Card>
        {below.length > 0 && (
          <Card title="Below this section" className="mt-3.5">
            <ul>
              {below.map((child) => (
                <li key={child.id}>
                  <Link
                    to={`/n/${notebook}/s/${child.id}`}
                    className="flex gap-3 border-b border-line py-2 hover:text-petrol"
                  >
                    <span className="w-10 text-soft">{child.code}</span>
                    <span className="flex-1">{child.title}</span>
                    <span className="text-[13px] text-soft">{plural(child.pages, 'page')}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </Card>
        )}
      </div>
      {points.length > 0 && (
        <Card title="What the syllabus asks here">
          <ul>
            {points.map((point) => (
              <li key={point.id}>
                <Link
                  to={`/n/${notebook}/needle?nodes=${point.id}`}
                  className="flex gap-3 border-b border-line py-1.5 hover:text-petrol"
                >
                  <b className="w-10 shrink-0 text-petrol">{point.code}</b>
                  {point.title}
                </Link>
              </li>
            ))}
          </ul>
        </Card>
      )}
    </div>
  );
}
