import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Card, ChoiceField, Heading, TextField, Trouble } from '../../ui';
import { useMe } from '../people';
import { editionsQuery, SyllabusImport } from '../syllabus';

export function NewNotebookScreen() {
  const me = useMe();
  const go = useNavigate();
  const [params] = useSearchParams();
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
            <ChoiceField label="Class" name="class" defaultValue={params.get('class') ?? ''}>
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
      <div className="md:mt-[38px]">
        <SyllabusImport />
      </div>
    </div>
  );
}
