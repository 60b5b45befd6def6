import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Dialog, offerUndo, Trouble } from '../../ui';
import { STANDARD } from './choices';
import { MarkBadge } from './MarkBadge';
import { type OwnMark, ownMarksQuery } from './queries';
import { SHAPES } from './shapes';

const NAMES = Object.keys(SHAPES) as OwnMark['shape'][];

/** The student's own kinds of mark: a name, a shape, and a key that sets it. */
export function OwnMarksDialog({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const own = useQuery(ownMarksQuery).data ?? [];
  const [name, setName] = useState('');
  const [shape, setShape] = useState<OwnMark['shape']>('RING');
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => queries.invalidateQueries({ queryKey: ownMarksQuery.queryKey }),
  });
  const keep = (mark: OwnMark) =>
    change.mutate(() =>
      unwrap(
        api.PUT('/api/own-marks/{id}', {
          params: { path: { id: mark.id } },
          body: { name: mark.name, shape: mark.shape },
        }),
      ),
    );
  return (
    <Dialog title="Marks of my own" onClose={onClose}>
      {own.length === 0 && (
        <p className="mb-3 text-soft">
          A mark for what you look for often, such as a formula or a definition.
        </p>
      )}
      <ul className="mb-3">
        {own.map((mark, i) => (
          <li key={mark.id} className="flex items-center gap-2.5 border-b border-line py-1.5">
            <MarkBadge choice={{ kind: 'OWN', own: mark, name: mark.name }} />
            <input
              aria-label={`Name of ${mark.name}`}
              defaultValue={mark.name}
              maxLength={40}
              className="min-h-8 min-w-0 flex-1 rounded border border-transparent bg-transparent px-1.5 hover:border-line focus:border-line"
              onBlur={(event) =>
                event.target.value.trim() &&
                event.target.value !== mark.name &&
                keep({ ...mark, name: event.target.value })
              }
            />
            <span className="text-[13px] text-soft">Alt {STANDARD.length + i + 1}</span>
            <Button
              look="quiet"
              onClick={() =>
                change.mutate(async () => {
                  await unwrap(api.DELETE('/api/own-marks/{id}', { params: { path: { id: mark.id } } }));
                  offerUndo(`“${mark.name}” is deleted`, () => keep(mark));
                })
              }
            >
              Delete
            </Button>
          </li>
        ))}
      </ul>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) keep({ id: newId(), name: name.trim(), shape });
          setName('');
        }}
      >
        <div className="flex gap-2">
          <input
            aria-label="Name of a new mark"
            placeholder="Formula"
            value={name}
            maxLength={40}
            onChange={(event) => setName(event.target.value)}
            className="min-h-8 min-w-0 flex-1 rounded-md border border-line bg-card px-2.5"
          />
          <Button look="act" type="submit" disabled={!name.trim()}>
            Add
          </Button>
        </div>
        <fieldset className="mt-2 flex flex-wrap gap-1.5">
          <legend className="sr-only">Shape</legend>
          {NAMES.map((one) => (
            <label
              key={one}
              className="flex h-8 w-8 cursor-pointer items-center justify-center rounded border border-line has-checked:border-2 has-checked:border-petrol"
            >
              <input
                type="radio"
                name="shape"
                className="sr-only"
                checked={shape === one}
                onChange={() => setShape(one)}
                aria-label={SHAPES[one].name}
              />
              <svg viewBox="0 0 14 14" width="16" height="16" className="fill-petrol" aria-hidden="true">
                <path d={SHAPES[one].path} />
              </svg>
            </label>
          ))}
        </fieldset>
      </form>
      <Trouble>{change.error?.message}</Trouble>
    </Dialog>
  );
}
