import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, Problem, unwrap } from '../../api';
import { Button, Heading, plural, TextField } from '../../ui';
import { Breaches, breachesOf } from './Breaches';
import { OfficialDocument } from './OfficialDocument';
import { editionQuery } from './queries';
import { added, bodiesOf, changed, depthOf, holders, type Row, rowsOf, without } from './rows';
import { SyllabusRow } from './SyllabusRow';

/** A syllabus edition, to read and, for whoever keeps it, to change in place. */
export function SyllabusScreen() {
  const { edition: id = '' } = useParams();
  const edition = useSuspenseQuery(editionQuery(id)).data;
  const points = edition.nodes.filter((node) => node.kind === 'POINT').length;
  return (
    <div className="max-w-4xl">
      <Heading name={`${edition.code} ${edition.title}`} className="mb-1 text-[24px]" />
      <p className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 text-soft">
        {plural(points, 'point')}
        <a
          className="font-semibold text-petrol hover:underline"
          href={`/api/editions/${id}/syllabus.csv`}
          download
        >
          Save as CSV
        </a>
        <a
          className="font-semibold text-petrol hover:underline"
          href={`/api/editions/${id}/case.json`}
          download
        >
          Save as a CASE package
        </a>
        <OfficialDocument edition={edition} />
      </p>
      <EditionTable key={edition.version} edition={edition} />
    </div>
  );
}

function EditionTable({ edition }: { edition: Api['EditionView'] }) {
  const queries = useQueryClient();
  const [rows, setRows] = useState(() => rowsOf(edition.nodes));
  const [open, setOpen] = useState<string>();
  const [name, setName] = useState({ code: edition.code, title: edition.title });
  const save = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/editions/{id}', {
          params: { path: { id: edition.id } },
          body: { baseVersion: edition.version, ...name, rows: bodiesOf(rows) },
        }),
      ),
    onSuccess: () =>
      Promise.all(
        [['edition'], ['editions'], ['syllabus'], ['coverage'], ['notebooks'], ['contents']].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
  const before = JSON.stringify([bodiesOf(rowsOf(edition.nodes)), edition.code, edition.title]);
  const isChanged = before !== JSON.stringify([bodiesOf(rows), name.code, name.title]);
  const add = (after: Row) => {
    const key = newId();
    setRows((now) => added(now, after, key));
    setOpen(key);
  };
  const problem = save.error instanceof Problem ? save.error : undefined;
  return (
    <>
      {edition.isKept && (
        <div className="grid gap-x-3 sm:grid-cols-[9rem_1fr]">
          <TextField
            label="Code"
            value={name.code}
            maxLength={40}
            onChange={(event) => setName({ ...name, code: event.target.value })}
          />
          <TextField
            label="Title of the edition"
            value={name.title}
            maxLength={200}
            onChange={(event) => setName({ ...name, title: event.target.value })}
          />
        </div>
      )}
      {problem && (
        <Breaches lines={breachesOf(problem)} summary={`${problem.message} Nothing was changed.`} />
      )}
      <ul className="rounded-lg bg-card py-2" aria-label="Lines of the syllabus">
        {rows.map((row, i) => (
          <SyllabusRow
            key={row.key}
            line={i + 1}
            row={row}
            holders={open === row.key ? holders(rows, row) : []}
            depth={depthOf(rows, row)}
            isOpen={open === row.key}
            isKept={edition.isKept}
            onOpen={() => setOpen(open === row.key ? undefined : row.key)}
            onChange={(change) => setRows(changed(rows, row.key, change))}
            onAdd={() => add(row)}
            onRemove={() => setRows(without(rows, row.key))}
          />
        ))}
      </ul>
      {isChanged && (
        <div className="sticky bottom-3 mt-3 flex flex-wrap items-center gap-3 rounded-lg border border-line bg-card px-4 py-2.5 shadow-lg">
          <span className="flex-1">Changed here, not kept yet. What is notched stays notched.</span>
          <Button
            onClick={() => {
              setRows(rowsOf(edition.nodes));
              setName({ code: edition.code, title: edition.title });
            }}
          >
            Drop the changes
          </Button>
          <Button look="act" disabled={save.isPending} onClick={() => save.mutate()}>
            Keep the changes
          </Button>
        </div>
      )}
    </>
  );
}
