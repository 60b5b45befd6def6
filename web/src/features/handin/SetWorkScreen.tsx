import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Card, ChoiceField, Empty, Heading, KIND_NAMES, TextField, Tick, Trouble } from '../../ui';
import { useMe } from '../people';
import { editionQuery, editionsQuery } from '../syllabus';
import { CriteriaFields } from './CriteriaFields';
import { criteriaFrom, type Written } from './criteria';
import { setWorkQuery } from './queries';
import { dueLine } from './words';

/** A teacher's first screen: what was set, how many are in, and setting something new. */
export function SetWorkScreen() {
  const all = useSuspenseQuery(setWorkQuery).data;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] max-w-5xl items-start gap-4 lg:grid-cols-[1fr_330px]">
      <div>
        <Heading name="Set work" />
        <Card>
          {all.length === 0 && <Empty>You have not set anything yet.</Empty>}
          <ul>
            {all.map((line) => (
              <li key={line.setWork.id}>
                <Link
                  to={`/set-work/${line.setWork.id}`}
                  className="flex items-baseline gap-4 border-b border-line py-2.5 last:border-0 hover:text-petrol"
                >
                  <span className="flex-1">
                    <b>{line.setWork.title}</b>
                    <span className="block text-[13.5px] text-soft">{dueLine(line.setWork)}</span>
                  </span>
                  <span className="text-[13.5px]">
                    {line.in} of {line.students} in
                  </span>
                  <span
                    className={`w-24 text-right text-[13.5px] ${line.waiting > 0 ? 'font-semibold text-petrol' : 'text-soft'}`}
                  >
                    {line.waiting > 0 ? `${line.waiting} to read` : 'all read'}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
      </div>
      <div className="lg:mt-[38px]">
        <NewSetWork />
      </div>
    </div>
  );
}

/** Kinds that set work can ask for. */
const KINDS = ['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'ATTACHED'] as const;

function NewSetWork() {
  const me = useMe();
  const queries = useQueryClient();
  const editions = useQuery(editionsQuery).data ?? [];
  const [edition, setEdition] = useState('');
  const [written, setWritten] = useState<readonly Written[]>([]);
  const chosen = edition || editions[0]?.id || '';
  const nodes = useQuery({ ...editionQuery(chosen), enabled: !!chosen }).data?.nodes ?? [];
  const set = useMutation({
    mutationFn: (form: FormData) => {
      const text = (name: string) => String(form.get(name));
      const number = (name: string) => (text(name) === '' ? undefined : Number(text(name)));
      const body = {
        classId: text('class'),
        title: text('title'),
        instructions: text('instructions'),
        topic: text('topic'),
        due: text('due'),
        asked: {
          kinds: KINDS.filter((kind) => form.getAll('kinds').includes(kind)),
          wordsLeast: number('least'),
          wordsMost: number('most'),
          withSources: form.has('sources'),
        },
        criteria: criteriaFrom(written),
      };
      return unwrap(api.PUT('/api/set-work/{id}', { params: { path: { id: newId() } }, body }));
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['set-work'] }),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    set.mutate(new FormData(form), {
      onSuccess: () => {
        form.reset();
        setWritten([]);
      },
    });
  };
  return (
    <Card title="Ask for something">
      <form onSubmit={submit}>
        <Trouble>{set.error?.message}</Trouble>
        <ChoiceField label="Class" name="class">
          {me.classes.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </ChoiceField>
        <TextField label="Title" name="title" required maxLength={120} />
        <label className="mb-3 block font-semibold">
          What it should be
          <textarea
            name="instructions"
            rows={3}
            maxLength={2000}
            className="mt-1 w-full rounded-md border border-line bg-card p-2 font-normal"
          />
        </label>
        <ChoiceField label="Syllabus" value={chosen} onChange={(event) => setEdition(event.target.value)}>
          {editions.map((one) => (
            <option key={one.id} value={one.id}>
              {one.code} {one.title}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField label="Topic" name="topic" required>
          {nodes
            .filter((node) => node.kind === 'TOPIC')
            .map((node) => (
              <option key={node.id} value={node.id}>
                {node.code} {node.title}
              </option>
            ))}
        </ChoiceField>
        <TextField label="Due" name="due" type="date" required />
        <AskedFields />
        <CriteriaFields written={written} onChange={setWritten} />
        <Button look="act" type="submit">
          Ask the class
        </Button>
      </form>
    </Card>
  );
}

/** What each hand-in has to have: kinds, how many words, sources. */
function AskedFields() {
  const number = 'w-20 rounded-md border border-line bg-card px-2 py-1';
  return (
    <fieldset className="mb-3">
      <legend className="mb-1 font-semibold">Each hand-in has</legend>
      <div className="flex flex-wrap gap-x-4">
        {KINDS.map((kind) => (
          <Tick key={kind} name="kinds" value={kind}>
            {KIND_NAMES[kind].toLowerCase()}
          </Tick>
        ))}
        <Tick name="sources">sources named</Tick>
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-1.5">
        <input type="number" name="least" min={0} max={100000} aria-label="Fewest words" className={number} />
        to
        <input type="number" name="most" min={0} max={100000} aria-label="Most words" className={number} />
        typed words
      </p>
    </fieldset>
  );
}
