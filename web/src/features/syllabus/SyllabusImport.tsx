import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useRef, useState } from 'react';
import { type Api, Problem } from '../../api';
import { Button, Card, plural, TextField, Trouble } from '../../ui';
import { Breaches, breachesOf } from './Breaches';
import { ColumnPreview } from './ColumnPreview';
import { lookIntoSyllabus, placed, readSyllabus, type SyllabusLook } from './syllabusFile';

/** A syllabus from a file: chosen, looked into, its columns matched, and made an edition of. */
export function SyllabusImport({ onMade }: { onMade?: (edition: Api['EditionLine']) => void }) {
  const queries = useQueryClient();
  const [file, setFile] = useState<File>();
  const [look, setLook] = useState<SyllabusLook>();
  const [done, setDone] = useState('');
  const chosen = useRef<Api['ColumnView'][]>(undefined);
  const looking = useMutation({
    mutationFn: ({ of, places }: { of: File; places?: Api['ColumnView'][] }) => lookIntoSyllabus(of, places),
    // An answer for columns that were chosen anew since comes too late.
    onSuccess: (seen, { places }) => places === chosen.current && setLook(seen),
    onError: () => setLook(undefined),
  });
  const reading = useMutation({
    mutationFn: (form: FormData) =>
      readSyllabus(file as File, {
        code: String(form.get('code')),
        title: String(form.get('title')),
        places: look?.columns ?? [],
      }),
    onSuccess: (edition) => {
      setDone(`${edition.code} ${edition.title} is ready to choose.`);
      setFile(undefined);
      setLook(undefined);
      queries.invalidateQueries({ queryKey: ['editions'] });
      onMade?.(edition);
    },
  });
  const choose = (of: File | undefined) => {
    setFile(of);
    chosen.current = undefined;
    setLook(undefined);
    setDone('');
    reading.reset();
    if (of) looking.mutate({ of });
  };
  const choosePlaces = (places: Api['ColumnView'][]) => {
    chosen.current = places;
    if (look) setLook({ ...look, columns: places });
    if (file) looking.mutate({ of: file, places });
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    reading.mutate(new FormData(event.currentTarget));
  };
  const isFit = look && look.lines.length === 0;
  return (
    <Card title="A syllabus from a file">
      <p className="mb-3 text-soft">
        A table as CSV, whatever its columns are called, or a CASE 1.0 package as JSON. Nothing is kept until
        you have seen what is in it.
      </p>
      {done && (
        <p role="status" className="mb-2 font-semibold text-moss">
          {done}
        </p>
      )}
      <TextField
        label="CSV or CASE file"
        type="file"
        accept=".csv,.tsv,.txt,.json,text/csv,application/json"
        onChange={(event) => choose(event.target.files?.[0])}
      />
      <Trouble>{looking.error?.message}</Trouble>
      {look && (
        <form onSubmit={submit}>
          {look.isTable && (
            <ColumnPreview
              look={look}
              onChoose={(place, column) => choosePlaces(placed(look.columns, place, column))}
            />
          )}
          {isFit ? (
            <p className="my-2">
              It holds <b>{plural(look.units, 'unit')}</b>, <b>{plural(look.topics, 'topic')}</b> and{' '}
              <b>{plural(look.points, 'point')}</b>.
            </p>
          ) : (
            <Breaches
              lines={look.lines}
              summary={
                look.lines.length === 1
                  ? 'One thing to mend first.'
                  : `${look.lines.length} things to mend first.`
              }
              counted={look.isTable ? 'Line' : 'Item'}
            />
          )}
          {reading.error instanceof Problem && (
            <Breaches
              lines={breachesOf(reading.error)}
              summary={`${reading.error.message} Nothing was kept.`}
            />
          )}
          <div className="grid gap-x-3 sm:grid-cols-[9rem_1fr]">
            <TextField
              key={`code ${look.code}`}
              label="Code"
              name="code"
              required
              maxLength={40}
              defaultValue={look.code}
              placeholder="NB-412"
            />
            <TextField
              key={`title ${look.title}`}
              label="Title of the edition"
              name="title"
              required
              maxLength={200}
              defaultValue={look.title}
              placeholder="Waves and matter, exams from 2028"
            />
          </div>
          <Button type="submit" look="act" disabled={!isFit || reading.isPending}>
            Make the edition
          </Button>
        </form>
      )}
    </Card>
  );
}
