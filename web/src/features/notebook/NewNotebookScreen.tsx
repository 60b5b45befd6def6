import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, Problem, unwrap } from '../../api';
import { Button, Card, ChoiceField, Heading, TextField, Trouble } from '../../ui';
import { useMe } from '../people';
import { editionsQuery } from './queries';
import { readSyllabus } from './readSyllabus';

export function NewNotebookScreen() {
  const me = useMe();
  const go = useNavigate();
  const queries = useQueryClient();
  const editions = useSuspenseQuery(editionsQuery).data;
  const make = useMutation({
    mutationFn: (form: FormData) => {
      const text = (name: string) => String(form.get(name) ?? '');
      const body = {
        title: text('title'),
        editionId: text('edition'),
        examYear: Number(text('examYear')),
        tier: text('tier') as 'CORE' | 'EXTENDED',
        classId: text('class') || undefined,
        examDay: text('examDay') || undefined,
      };
      return unwrap(api.PUT('/api/notebooks/{id}', { params: { path: { id: newId() } }, body }));
    },
    onSuccess: async (notebook) => {
      await queries.invalidateQueries({ queryKey: ['notebooks'] });
      go(`/n/${notebook.id}`);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    make.mutate(new FormData(event.currentTarget));
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] max-w-4xl items-start gap-3.5 md:grid-cols-2">
      <div>
        <Heading name="New notebook" />
        <Card>
          <form onSubmit={submit}>
            <Trouble>{make.error?.message}</Trouble>
            <TextField label="Title" name="title" required maxLength={120} placeholder="Physics" />
            <ChoiceField label="Syllabus" name="edition" required>
              {editions.map((edition) => (
                <option key={edition.id} value={edition.id}>
                  {edition.code} {edition.title}
                </option>
              ))}
            </ChoiceField>
            <TextField
              label="Exam year"
              name="examYear"
              type="number"
              min={2020}
              max={2099}
              defaultValue={new Date().getFullYear() + 2}
              required
            />
            <TextField label="Day of the exam, if you know it" name="examDay" type="date" />
            <ChoiceField label="Tier" name="tier">
              <option value="CORE">Core</option>
              <option value="EXTENDED">Extended</option>
            </ChoiceField>
            <ChoiceField label="Class" name="class">
              <option value="">No class</option>
              {me.classes.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </ChoiceField>
            <Button look="act" type="submit" disabled={make.isPending}>
              Make the notebook
            </Button>
          </form>
        </Card>
      </div>
      <SyllabusFile />
    </div>
  );
}

function SyllabusFile() {
  const queries = useQueryClient();
  const [done, setDone] = useState('');
  const read = useMutation({
    mutationFn: readSyllabus,
    onSuccess: (edition) => {
      setDone(`${edition.code} ${edition.title} is ready to choose.`);
      queries.invalidateQueries({ queryKey: ['editions'] });
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setDone('');
    read.mutate(new FormData(event.currentTarget));
  };
  return (
    <div className="md:mt-[38px]">
      <Card title="The syllabus is not in the list?">
        <form onSubmit={submit}>
          <p className="mb-3 text-soft">
            Read it from a CSV file. Its first line names the columns: code, parent, title, statement, weight,
            tier, exam years. Only you will see it.
          </p>
          {read.error instanceof Problem && <Breaches problem={read.error} />}
          {done && <p className="mb-2 font-semibold text-moss">{done}</p>}
          <TextField label="Code" name="code" required maxLength={40} placeholder="NB-412" />
          <TextField
            label="Title of the edition"
            name="title"
            required
            maxLength={200}
            placeholder="Waves and matter, exams from 2028"
          />
          <TextField label="CSV file" name="file" type="file" accept=".csv,text/csv" required />
          <Button type="submit" disabled={read.isPending}>
            Read the file
          </Button>
        </form>
      </Card>
    </div>
  );
}

function Breaches({ problem }: { problem: Problem }) {
  const lines = (problem.body.lines ?? []) as { line: number; message: string }[];
  return (
    <Trouble>
      <p className="font-semibold">{problem.message} Nothing was read.</p>
      <ul className="mt-1 max-h-56 overflow-auto">
        {lines.map((breach) => (
          <li key={`${breach.line} ${breach.message}`}>
            {breach.line > 0 && <b>Line {breach.line}. </b>}
            {breach.message}
          </li>
        ))}
      </ul>
    </Trouble>
  );
}
