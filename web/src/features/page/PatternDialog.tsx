import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Dialog, offerUndo, Trouble } from '../../ui';
import { pageQuery } from '../entry';
import { type Pattern, PatternEditor, PatternShape, patternsQuery } from '../pattern';
import { PaperChoice } from './PaperChoice';
import type { Paper } from './paper';

/** What a page is laid out on: a pattern to choose, to change and to keep as one's own; and its paper. */
export function PatternDialog({ page, onClose }: { page: Api['PageView']; onClose: () => void }) {
  const queries = useQueryClient();
  const patterns = useQuery(patternsQuery).data;
  const [isChanging, setChanging] = useState(false);
  const path = { params: { path: { id: page.id } } };
  const change = useMutation({
    mutationFn: (act: () => Promise<Api['PageView']>) => act(),
    onSuccess: (now) => queries.setQueryData(pageQuery(page.id).queryKey, now),
  });
  const own = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => queries.invalidateQueries({ queryKey: patternsQuery.queryKey }),
  });
  const put = (pattern: Pattern) =>
    change.mutate(() => unwrap(api.PUT('/api/pages/{id}/pattern', { ...path, body: pattern })));
  const lay = (pattern: Pattern) => {
    const before = page.pattern;
    put(pattern);
    offerUndo(`The page is on “${pattern.name}”`, () => put(before));
  };
  const putOn = (paper: Paper) =>
    change.mutate(() => unwrap(api.PUT('/api/pages/{id}/paper', { ...path, body: paper })));
  const keepOwn = (id: string, pattern: Pattern) =>
    own.mutate(() => unwrap(api.PUT('/api/patterns/{id}', { params: { path: { id } }, body: pattern })));
  return (
    <Dialog title="Pattern and paper" onClose={onClose} size="wide">
      <p className="mb-2 text-soft">
        Whatever is on the page stays, and goes back to its place when its pattern comes back.
      </p>
      <ul className="grid grid-cols-2 gap-2 sm:grid-cols-4 lg:grid-cols-5">
        {patterns?.standard.map((pattern) => (
          <Offered key={pattern.name} pattern={pattern} current={page.pattern} onLay={lay} />
        ))}
        {patterns?.own.map(({ id, pattern }) => (
          <Offered
            key={id}
            pattern={pattern}
            current={page.pattern}
            onLay={lay}
            onDelete={() =>
              own.mutate(async () => {
                await unwrap(api.DELETE('/api/patterns/{id}', { params: { path: { id } } }));
                offerUndo(`“${pattern.name}” is deleted`, () => keepOwn(id, pattern));
              })
            }
          />
        ))}
      </ul>
      <Trouble>{change.error?.message ?? own.error?.message}</Trouble>
      {isChanging ? (
        <PatternEditor
          pattern={page.pattern}
          onLay={(pattern) => {
            lay(pattern);
            setChanging(false);
          }}
          onKeep={(pattern) => {
            lay(pattern);
            keepOwn(newId(), pattern);
            setChanging(false);
          }}
        />
      ) : (
        <Button look="quiet" className="mt-2" onClick={() => setChanging(true)}>
          Change its zones, or make a pattern of my own
        </Button>
      )}
      <PaperChoice paper={page.paper} onChoose={putOn} />
    </Dialog>
  );
}

function Offered({
  pattern,
  current,
  onLay,
  onDelete,
}: {
  pattern: Pattern;
  current: Pattern;
  onLay: (pattern: Pattern) => void;
  onDelete?: () => void;
}) {
  const isOn = JSON.stringify(pattern) === JSON.stringify(current);
  return (
    <li className="flex flex-col">
      <button
        type="button"
        aria-pressed={isOn}
        onClick={() => onLay(pattern)}
        className={`flex flex-1 flex-col items-center gap-1.5 rounded-md border p-2.5 text-[13.5px] leading-tight font-semibold hover:border-petrol ${
          isOn ? 'border-2 border-petrol bg-petrol-wash' : 'border-line'
        }`}
      >
        <PatternShape pattern={pattern} />
        {pattern.name}
      </button>
      {onDelete && (
        <Button
          look="quiet"
          className="min-h-[24px] text-[12.5px]"
          onClick={onDelete}
          aria-label={`Delete the pattern ${pattern.name}`}
        >
          Delete
        </Button>
      )}
    </li>
  );
}
