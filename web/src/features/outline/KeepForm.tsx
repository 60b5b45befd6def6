import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import type { Api } from '../../api';
import { Button, plural, TextField, Trouble } from '../../ui';
import type { Line } from './lines';
import { OutlineEditor } from './OutlineEditor';
import { keepOutline, madeQuery } from './queries';
import { useOutline } from './useOutline';

/** The lines while they are mended, what they would make, and the names that they are kept under. */
export function KeepForm({
  title,
  start,
  onMade,
  onBack,
}: {
  title: string;
  start: Line[];
  onMade: (edition: Api['EditionLine']) => void;
  onBack: () => void;
}) {
  const queries = useQueryClient();
  const outline = useOutline(start);
  const made = useQuery(madeQuery(outline.lines)).data;
  const keep = useMutation({
    mutationFn: (form: FormData) =>
      keepOutline({ code: String(form.get('code')), title: String(form.get('title')) }, outline.lines),
    onSuccess: (edition) => {
      queries.invalidateQueries({ queryKey: ['editions'] });
      onMade(edition);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate(new FormData(event.currentTarget));
  };
  return (
    <>
      <OutlineEditor outline={outline} />
      <p className="my-2 min-h-6" aria-live="polite">
        {made && (made.lines.length === 0 ? <Sizes made={made} /> : <Mend made={made} />)}
      </p>
      <form onSubmit={submit}>
        <div className="grid gap-x-3 sm:grid-cols-[9rem_1fr]">
          <TextField label="Code of the syllabus" name="code" required maxLength={40} placeholder="NB-412" />
          <TextField
            label="Title"
            name="title"
            required
            maxLength={200}
            defaultValue={title}
            placeholder="Waves and matter, exams from 2028"
          />
        </div>
        <Trouble>{keep.error?.message}</Trouble>
        <Button look="act" type="submit" disabled={keep.isPending || !made || made.lines.length > 0}>
          Keep this syllabus
        </Button>{' '}
        <Button look="quiet" onClick={onBack}>
          Back to the text
        </Button>
      </form>
    </>
  );
}

function Sizes({ made }: { made: Api['OutlineSizesView'] }) {
  return (
    <>
      {plural(made.units, 'unit')}, {plural(made.topics, 'topic')}, {plural(made.points, 'point')}.
    </>
  );
}

function Mend({ made }: { made: Api['OutlineSizesView'] }) {
  const others = made.lines.length - 1;
  return (
    <>
      {made.lines[0]?.message}
      {others > 0 && ` And ${plural(others, 'other thing')} to mend.`}
    </>
  );
}
