import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, ChoiceField, TextField, Trouble } from '../../ui';
import { useMe } from '../people';
import { AskedFields, askedFrom } from './AskedFields';
import { CriteriaFields } from './CriteriaFields';
import { criteriaFrom, type Written, writtenFrom } from './criteria';
import { PatternField } from './PatternField';
import { setWorkQuery } from './queries';
import { TopicFields } from './TopicFields';
import { ALL, type Whom, WhomFields, whomOf } from './WhomFields';
import { WordField } from './WordField';
import { hourOf } from './words';

type Props = {
  work?: Api['SetWorkView'];
  /** How many have begun it. */
  begun?: number;
  onDone?: () => void;
};

/** What a class is asked for: something new, or `work` to be changed. */
export function SetWorkForm({ work, begun = 0, onDone }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [classId, setClassId] = useState(work?.classId ?? me.classes[0]?.id ?? '');
  const others = useQuery(setWorkQuery).data ?? [];
  const before = others.find(({ setWork }) => setWork.classId === classId)?.setWork;
  const [whom, setWhom] = useState<Whom>(() => whomOf(work));
  const [pattern, setPattern] = useState(work?.asked.pattern);
  const [written, setWritten] = useState<readonly Written[]>(() => writtenFrom(work?.criteria ?? []));
  const set = useMutation({
    mutationFn: (form: FormData) => {
      const text = (name: string) => String(form.get(name));
      const body = {
        classId,
        title: text('title'),
        instructions: text('instructions'),
        topic: text('topic'),
        due: text('due'),
        hour: text('hour') || undefined,
        asked: { ...askedFrom(form), pattern },
        criteria: criteriaFrom(written),
        ...whom,
        word: form.has('word') ? text('word') : undefined,
      };
      return unwrap(api.PUT('/api/set-work/{id}', { params: { path: { id: work?.id ?? newId() } }, body }));
    },
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['register'] });
      return queries.invalidateQueries({ queryKey: ['set-work'] });
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    set.mutate(new FormData(form), {
      onSuccess: () => {
        form.reset();
        setWritten([]);
        setWhom(ALL);
        setPattern(undefined);
        onDone?.();
      },
    });
  };
  return (
    <form onSubmit={submit}>
      {!work && (
        <ChoiceField
          label="Class"
          value={classId}
          onChange={(event) => {
            setClassId(event.target.value);
            setWhom(ALL);
          }}
        >
          {me.classes.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </ChoiceField>
      )}
      <TextField label="Title" name="title" required maxLength={120} defaultValue={work?.title} />
      <label className="mb-3 block font-semibold">
        What it should be
        <textarea
          name="instructions"
          rows={3}
          maxLength={2000}
          defaultValue={work?.instructions}
          className="mt-1 w-full rounded-md border border-line bg-card p-2 font-normal"
        />
      </label>
      <TopicFields topic={work?.topic} near={work?.topic ?? before?.topic} />
      <div className="flex flex-wrap gap-x-3">
        <TextField label="Due" name="due" type="date" required defaultValue={work?.due} />
        <TextField
          label="By"
          name="hour"
          type="time"
          defaultValue={work?.hour && hourOf(work.hour)}
          hint="No hour: until the day ends"
        />
      </div>
      <WhomFields
        key={classId}
        classId={classId}
        whom={whom}
        onChange={({ students, groups, longer }) => setWhom({ students, groups, longer })}
      />
      <AskedFields asked={work?.asked} />
      <PatternField pattern={pattern} onChange={setPattern} />
      <CriteriaFields written={written} onChange={setWritten} />
      {work && <WordField begun={begun} />}
      <Trouble>{set.error?.message}</Trouble>
      <Button look="act" type="submit">
        {work ? 'Keep the change' : 'Ask the class'}
      </Button>
    </form>
  );
}
