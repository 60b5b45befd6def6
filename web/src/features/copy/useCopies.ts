import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { CopyWish } from './copyForms';
import { copiesQuery, copyFile, deleteCopy, makeCopy, type Thing } from './queries';

/** The copies of a thing: those wanted here are saved as soon as they are ready, all others wait to be. */
export function useCopies(thing: Thing) {
  const queries = useQueryClient();
  const look = () => queries.invalidateQueries({ queryKey: copiesQuery.queryKey });
  const all = useQuery(copiesQuery).data ?? [];
  const copies = all.filter(({ kind, of }) => kind === thing.kind && of === thing.of);
  const wanted = useRef(new Set<string>());
  const [saved, setSaved] = useState('');
  const make = useMutation({
    mutationFn: (wish: CopyWish) => {
      const id = crypto.randomUUID();
      wanted.current.add(id);
      setSaved('');
      return makeCopy(id, thing, wish);
    },
    onSettled: look,
  });
  const remove = useMutation({ mutationFn: deleteCopy, onSettled: look });
  useEffect(() => {
    for (const { id, title, state } of copies)
      if (state === 'READY' && wanted.current.delete(id)) {
        save(id);
        setSaved(title);
      }
  }, [copies]);
  return { copies, make, remove, saved };
}

function save(id: string) {
  const link = document.createElement('a');
  link.href = copyFile(id);
  link.download = '';
  link.click();
}
