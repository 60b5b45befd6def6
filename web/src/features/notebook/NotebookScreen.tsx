import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Card, Empty, Heading, Trouble } from '../../ui';
import { contentsQuery } from './queries';
import { inOrder, type Placed, placeAfter } from './sections';

/** The sections of a notebook to be made, named, nested, put in order and deleted. */
export function NotebookScreen() {
  const { notebook = '' } = useParams();
  const contents = useSuspenseQuery(contentsQuery(notebook)).data;
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['contents', notebook] }),
  });
  const act = (run: () => Promise<unknown>) => change.mutate(run);
  const add = (title: string) =>
    act(() =>
      unwrap(
        api.PUT('/api/sections/{id}', {
          params: { path: { id: newId() } },
          body: { notebookId: notebook, title, topics: [] },
        }),
      ),
    );
  const placed = inOrder(contents.sections);
  return (
    <div className="max-w-3xl">
      <Heading name={`Sections of ${contents.notebook.title}`} className="mb-1 text-[24px]" />
      <p className="mb-3 text-soft">{contents.notebook.edition}</p>
      <Trouble>{change.error?.message}</Trouble>
      <Card>
        {placed.length === 0 && (
          <Empty>
            No sections yet. One section for each unit lays the notebook out like the syllabus, so that every
            page knows its points.
          </Empty>
        )}
        <ul>
          {placed.map((one) => (
            <SectionRow
              key={one.section.id}
              placed={one}
              all={contents.sections}
              notebook={notebook}
              act={act}
            />
          ))}
        </ul>
        <div className="mt-3 flex flex-wrap gap-2">
          <NewSection onAdd={add} />
          <Button
            look={placed.length === 0 ? 'act' : 'plain'}
            onClick={() =>
              act(() =>
                unwrap(
                  api.POST('/api/notebooks/{id}/sections-for-units', { params: { path: { id: notebook } } }),
                ),
              )
            }
          >
            One section for each unit
          </Button>
        </div>
      </Card>
    </div>
  );
}

function NewSection({ onAdd }: { onAdd: (title: string) => void }) {
  const [title, setTitle] = useState('');
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (title.trim()) onAdd(title);
        setTitle('');
      }}
    >
      <input
        aria-label="Title of a new section"
        placeholder="New section"
        value={title}
        onChange={(event) => setTitle(event.target.value)}
        className="min-h-8 rounded-md border border-line bg-card px-2.5"
      />
      <Button type="submit">Add</Button>
    </form>
  );
}

function SectionRow({
  placed: { section, depth },
  all,
  notebook,
  act,
}: {
  placed: Placed;
  all: Placed['section'][];
  notebook: string;
  act: (run: () => Promise<unknown>) => void;
}) {
  const [isNaming, setNaming] = useState(false);
  const path = { params: { path: { id: section.id } } };
  const move = (where: 'up' | 'down' | 'in' | 'out') => {
    const body = placeAfter(all, section, where);
    if (body) act(() => unwrap(api.POST('/api/sections/{id}/place', { ...path, body })));
  };
  const rename = (title: string) => {
    setNaming(false);
    if (title.trim() && title !== section.title)
      act(() => unwrap(api.PATCH('/api/sections/{id}', { ...path, body: { title } })));
  };
  return (
    <li
      className="flex flex-wrap items-center gap-2 border-b border-line py-1.5"
      style={{ paddingLeft: `${depth * 22}px` }}
    >
      <span className="w-8 text-right text-[12.5px] text-soft">{section.code}</span>
      {isNaming ? (
        <input
          aria-label={`New title of ${section.title}`}
          defaultValue={section.title}
          autoFocus
          className="min-h-8 flex-1 rounded border border-line bg-card px-2"
          onBlur={(event) => rename(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && rename(event.currentTarget.value)}
        />
      ) : (
        <Link
          to={`/n/${notebook}/s/${section.id}`}
          className={`flex-1 hover:underline ${depth === 0 ? 'font-semibold' : ''}`}
        >
          {section.title}
        </Link>
      )}
      <span className="flex">
        {(['up', 'down', 'in', 'out'] as const).map((where) => (
          <Button
            key={where}
            look="quiet"
            disabled={!placeAfter(all, section, where)}
            aria-label={`Move ${section.title} ${where}`}
            title={`Move ${where}`}
            onClick={() => move(where)}
          >
            {{ up: '↑', down: '↓', in: '→', out: '←' }[where]}
          </Button>
        ))}
        <Button look="quiet" onClick={() => setNaming(true)}>
          Rename
        </Button>
        <Button look="quiet" onClick={() => act(() => unwrap(api.DELETE('/api/sections/{id}', path)))}>
          Delete
        </Button>
      </span>
    </li>
  );
}
