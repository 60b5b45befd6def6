import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { type Api, Problem } from '../../api';
import { Button, Card, plural, TextField, Trouble } from '../../ui';
import { Breaches, breachesOf } from './Breaches';
import { ColumnPreview } from './ColumnPreview';
import { placed, readSyllabus, type SyllabusLook } from './syllabusFile';
import { useSyllabusFile } from './useSyllabusFile';

/** A syllabus from a file: chosen, looked into, its columns matched, and made an edition of. */
export function SyllabusImport({ onMade }: { onMade?: (edition: Api['EditionLine']) => void }) {
  const queries = useQueryClient();
  const { file, look, trouble, choose, choosePlaces } = useSyllabusFile();
  const [done, setDone] = useState('');
  const reading = useMutation({
    mutationFn: (form: FormData) =>
      readSyllabus(file as File, {
        code: String(form.get('code')),
        title: String(form.get('title')),
        places: look?.columns ?? [],
      }),
    onSuccess: (edition) => {
      setDone(`${edition.code} ${edition.title} is ready to choose.`);
      choose(undefined);
      queries.invalidateQueries({ queryKey: ['editions'] });
      onMade?.(edition);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    reading.mutate(new FormData(event.currentTarget));
  };
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
        onChange={(event) => {
          setDone('');
          reading.reset();
          choose(event.target.files?.[0]);
        }}
      />
      <Trouble>{trouble}</Trouble>
      {look && (
        <form onSubmit={submit}>
          {look.isTable && (
            <ColumnPreview
              look={look}
              onChoose={(place, column) => choosePlaces(placed(look.columns, place, column))}
            />
          )}
          <Holding look={look} />
          {reading.error instanceof Problem && (
            <Breaches
              lines={breachesOf(reading.error)}
              summary={`${reading.error.message} Nothing was kept.`}
            />
          )}
          <NameFields look={look} />
          <Button type="submit" look="act" disabled={look.lines.length > 0 || reading.isPending}>
            Make the edition
          </Button>
        </form>
      )}
    </Card>
  );
}

/** What an edition of the file would hold, or what has to be mended first. */
function Holding({ look }: { look: SyllabusLook }) {
  const { lines } = look;
  return lines.length === 0 ? (
    <p className="my-2">
      It holds <b>{plural(look.units, 'unit')}</b>, <b>{plural(look.topics, 'topic')}</b> and{' '}
      <b>{plural(look.points, 'point')}</b>.
    </p>
  ) : (
    <Breaches
      lines={lines}
      summary={lines.length === 1 ? 'One thing to mend first.' : `${lines.length} things to mend first.`}
      counted={look.isTable ? 'Line' : 'Item'}
    />
  );
}

/** Code and title of the edition, as far as the file says them. */
function NameFields({ look }: { look: SyllabusLook }) {
  return (
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
  );
}
