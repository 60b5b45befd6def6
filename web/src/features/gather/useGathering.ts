import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap } from '../../api';
import { foundQuery, gatheringQuery } from './queries';

export type Becomes = Api['ColumnBody'];

/** Sends a file, looks into it, and takes it in. */
export function useGathering(collection: string, file: File) {
  const queries = useQueryClient();
  const [media] = useState(() => newId());
  const [gathering, setGathering] = useState<string>();
  const refresh = () => {
    queries.invalidateQueries({ queryKey: ['collection', collection] });
    queries.invalidateQueries({ queryKey: ['collections'] });
  };
  const sending = useMutation({ mutationFn: () => sendFile({ id: media, blob: file, name: file.name }) });
  const { mutate: send } = sending;
  useEffect(() => send(), [send]);
  const found = useQuery({ ...foundQuery(collection, media), enabled: sending.isSuccess });
  const path = (id: string) => ({ path: { id: collection, gathering: id } });
  const take = useMutation({
    mutationFn: async (columns: Becomes[]) => {
      const id = newId();
      await unwrap(
        api.PUT('/api/collections/{id}/gatherings/{gathering}', {
          params: path(id),
          body: { mediaId: media, columns },
        }),
      );
      setGathering(id);
    },
  });
  const progress = useQuery({
    ...gatheringQuery(collection, gathering ?? ''),
    enabled: !!gathering,
  }).data;
  const isThrough = progress && progress.state !== 'WAITING';
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is in the collection is asked for once it is through
  useEffect(() => {
    if (isThrough) refresh();
  }, [isThrough]);
  const takeBack = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/collections/{id}/gatherings/{gathering}/taken-back', {
          params: path(gathering ?? ''),
        }),
      ),
    onSuccess: refresh,
  });
  const keepFile = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/collections/{id}/items/{item}', {
          params: { path: { id: collection, item: newId() } },
          body: { kind: 'FILE', title: file.name.slice(0, 120), note: '', mediaId: media },
        }),
      ),
    onSuccess: refresh,
  });
  return {
    found: found.data,
    trouble: (sending.error ?? found.error ?? take.error ?? takeBack.error ?? keepFile.error)?.message,
    isSent: sending.isSuccess,
    take,
    progress,
    takeBack,
    keepFile,
  };
}
