import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, ChoiceField, Radios, TextField, Trouble } from '../../ui';
import { schoolYearsQuery } from '../calendar';
import { useMe } from '../people';
import { examDayOf, examYearFrom, schoolYearAround } from './days';
import { NONE, type Syllabus } from './SyllabusWays';

type Sections = 'units' | 'weeks' | 'own';

const SECTIONS: Record<Sections, string> = {
  units: 'One for each unit and topic',
  weeks: 'One for each week',
  own: 'My own',
};
const WITHOUT_SYLLABUS = { own: SECTIONS.own, weeks: SECTIONS.weeks } as Record<Sections, string>;

/** What a notebook is called, for which exam, and how it begins; with sensible answers filled in. */
export function NotebookForm({ syllabus }: { syllabus: Syllabus }) {
  const me = useMe();
  const go = useNavigate();
  const queries = useQueryClient();
  const [params] = useSearchParams();
  const { years, isKept } = useSuspenseQuery(schoolYearsQuery).data;
  const [examYear, setExamYear] = useState(examYearFrom(new Date()));
  const [sections, setSections] = useState<Sections>(syllabus === NONE ? 'own' : 'units');
  const asksYear = isKept && years.length === 0;
  const make = useMutation({
    mutationFn: async (form: FormData) => {
      if (asksYear) await keepYear(form);
      return makeNotebook(form, syllabus, sections);
    },
    onSuccess: async (notebook) => {
      await queries.invalidateQueries();
      go(`/n/${notebook.id}`);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    make.mutate(new FormData(event.currentTarget));
  };
  return (
    <Card title="The notebook">
      <form onSubmit={submit}>
        <TextField
          label="Title"
          name="title"
          required
          autoFocus
          maxLength={120}
          placeholder="Physics"
          defaultValue={syllabus === NONE ? '' : syllabus.title.split(/[,:;(]/)[0]?.trim()}
        />
        <div className="grid gap-x-3 sm:grid-cols-3">
          <TextField
            label="Exam year"
            name="examYear"
            type="number"
            min={2020}
            max={2099}
            value={examYear}
            onChange={(event) => setExamYear(Number(event.target.value))}
            required
          />
          <TextField
            key={examYear}
            label="Day of the exam"
            name="examDay"
            type="date"
            defaultValue={examDayOf(examYear)}
            hint="A guess, until you know it."
          />
          <ChoiceField label="Tier" name="tier">
            <option value="CORE">Core</option>
            <option value="EXTENDED">Extended</option>
          </ChoiceField>
        </div>
        {me.classes.length > 0 && (
          <ChoiceField label="Class" name="class" defaultValue={params.get('class') ?? ''}>
            <option value="">No class</option>
            {me.classes.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </ChoiceField>
        )}
        {asksYear && <YearFields />}
        <div className="mb-4">
          <Radios
            label="Sections"
            isLabelled
            values={syllabus === NONE ? WITHOUT_SYLLABUS : SECTIONS}
            value={sections}
            onChoose={setSections}
          />
        </div>
        <Trouble>{make.error?.message}</Trouble>
        <Button look="act" type="submit" disabled={make.isPending}>
          Make the notebook
        </Button>
      </form>
    </Card>
  );
}

function YearFields() {
  const year = schoolYearAround(new Date());
  return (
    <div className="grid gap-x-3 sm:grid-cols-2">
      <TextField
        label="First day of the school year"
        name="firstDay"
        type="date"
        required
        defaultValue={year.firstDay}
      />
      <TextField
        label="Last day of the school year"
        name="lastDay"
        type="date"
        required
        defaultValue={year.lastDay}
        hint="Terms and breaks can be entered later, on the week."
      />
    </div>
  );
}

const text = (form: FormData, name: string) => String(form.get(name) ?? '');

function keepYear(form: FormData) {
  const firstDay = text(form, 'firstDay');
  const lastDay = text(form, 'lastDay');
  const name = `${firstDay.slice(0, 4)}/${lastDay.slice(2, 4)}`;
  return unwrap(
    api.PUT('/api/school-years/{id}', {
      params: { path: { id: newId() } },
      body: { name, firstDay, lastDay, terms: [], breaks: [] },
    }),
  );
}

async function makeNotebook(
  form: FormData,
  syllabus: Syllabus,
  sections: Sections,
): Promise<Api['NotebookView']> {
  const body = {
    title: text(form, 'title'),
    editionId: syllabus === NONE ? undefined : syllabus.id,
    examYear: Number(text(form, 'examYear')),
    tier: text(form, 'tier') as 'CORE' | 'EXTENDED',
    classId: text(form, 'class') || undefined,
    examDay: text(form, 'examDay') || undefined,
  };
  const notebook = await unwrap(api.PUT('/api/notebooks/{id}', { params: { path: { id: newId() } }, body }));
  const here = { params: { path: { id: notebook.id } } };
  if (sections === 'units') await unwrap(api.POST('/api/notebooks/{id}/sections-for-units', here));
  if (sections === 'weeks') await unwrap(api.POST('/api/notebooks/{id}/sections-for-weeks', here));
  return notebook;
}
