import { useMutation } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { Card, ChoiceField, TextField, Trouble } from '../../ui';
import { useFollowing } from './useFollowing';

/** The exam that a notebook is for: its year, tier and day. What counts follows at once. */
export function ExamCard({ notebook }: { notebook: Api['NotebookView'] }) {
  const follow = useFollowing(notebook.id);
  const sit = useMutation({
    mutationFn: (change: Partial<Api['ExamBody']>) =>
      unwrap(
        api.PUT('/api/notebooks/{id}/exam', {
          params: { path: { id: notebook.id } },
          body: { examYear: notebook.examYear, tier: notebook.tier, examDay: notebook.examDay, ...change },
        }),
      ),
    onSuccess: follow,
  });
  return (
    <Card title="The exam">
      <p className="mb-3 text-soft">{notebook.edition}. What counts follows at once when you change this.</p>
      <Trouble>{sit.error?.message}</Trouble>
      <div className="grid gap-x-3 sm:grid-cols-3">
        <TextField
          label="Exam year"
          type="number"
          min={2020}
          max={2099}
          defaultValue={notebook.examYear}
          onChange={(event) =>
            event.target.validity.valid && sit.mutate({ examYear: Number(event.target.value) })
          }
        />
        <ChoiceField
          label="Tier"
          value={notebook.tier}
          onChange={(event) => sit.mutate({ tier: event.target.value as Api['ExamBody']['tier'] })}
        >
          <option value="CORE">Core</option>
          <option value="EXTENDED">Extended</option>
        </ChoiceField>
        <TextField
          label="Day of the exam"
          type="date"
          defaultValue={notebook.examDay}
          onBlur={(event) =>
            event.target.value !== (notebook.examDay ?? '') &&
            sit.mutate({ examDay: event.target.value || undefined })
          }
        />
      </div>
    </Card>
  );
}
