import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, ChoiceField, percent, plural, TextField, Trouble } from '../../ui';
import { editionsQuery } from '../syllabus';
import { ChangeList } from './ChangeList';
import { inWords, workInWords } from './changes';
import { type Exam, previewQuery } from './queries';
import { useFollowing } from './useFollowing';

/** Another edition beside this notebook's: what would carry over, what would be bare, and the move. */
export function MoveCard({ notebook }: { notebook: Api['NotebookView'] }) {
  const others = (useQuery(editionsQuery).data ?? []).filter((one) => one.id !== notebook.editionId);
  const [edition, setEdition] = useState('');
  const [exam, setExam] = useState<Exam>({ examYear: notebook.examYear, tier: notebook.tier });
  const preview = useQuery({ ...previewQuery(notebook.id, edition, exam), enabled: !!edition });
  const follow = useFollowing(notebook.id);
  const move = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/notebooks/{id}/moves/{move}', {
          params: { path: { id: notebook.id, move: newId() } },
          body: { editionId: edition, ...exam },
        }),
      ),
    onSuccess: () => {
      setEdition('');
      window.scrollTo(0, 0);
      return follow();
    },
  });
  return (
    <Card title="Another edition">
      <div className="grid gap-x-3 sm:grid-cols-[1fr_9rem]">
        <ChoiceField label="Set beside" value={edition} onChange={(event) => setEdition(event.target.value)}>
          <option value="">Choose an edition</option>
          {others.map((one) => (
            <option key={one.id} value={one.id}>
              {one.code} {one.title}
            </option>
          ))}
        </ChoiceField>
        {edition && (
          <TextField
            label="Exam year there"
            type="number"
            min={2020}
            max={2099}
            value={exam.examYear}
            onChange={(event) => setExam({ ...exam, examYear: Number(event.target.value) })}
          />
        )}
      </div>
      <Trouble>{preview.error?.message ?? move.error?.message}</Trouble>
      {edition && preview.data && <Outcome preview={preview.data} />}
      {edition && preview.data && (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <Button look="act" disabled={move.isPending} onClick={() => move.mutate()}>
            Move this notebook there
          </Button>
          <span className="text-[13.5px] text-soft">Nothing is deleted, and you can go back.</span>
        </div>
      )}
    </Card>
  );
}

function Outcome({ preview }: { preview: Api['MoveView'] }) {
  const { before, after, changes } = preview;
  return (
    <>
      <p className="mb-2">
        {inWords(changes)} {workInWords(changes)}{' '}
        <b>
          {percent(before.marksCovered)} of the marks now, {percent(after.marksCovered)} there
        </b>
        ; {plural(after.pointsBare, 'point')} bare there, {before.pointsBare} now.
      </p>
      <ChangeList changes={changes} />
    </>
  );
}
