import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap } from '../../api';
import { useOutbox } from '../../device';

/** How something is handed in: what is said along with it, with whom it was made, and what of one's own goes along. */
export type Manner = {
  words: string;
  sound?: Blob;
  makers: readonly string[];
  along: Api['AlongBody'];
  fitted: boolean;
};

const PLAIN: Manner = {
  words: '',
  makers: [],
  along: { marks: false, cues: false, earlier: false, lookBacks: false },
  fitted: false,
};

/** Chooses how something is handed in, then seals and sends it. */
export function useSealing(ready: Api['ReadyView']) {
  const [manner, setManner] = useState(PLAIN);
  const queries = useQueryClient();
  const go = useNavigate();
  const { outbox } = useOutbox();
  const seal = useMutation({
    mutationFn: async ({ purpose, withMissing }: Pick<Api['SealBody'], 'purpose' | 'withMissing'>) => {
      await outbox.send();
      const { words, sound, makers, along, fitted } = manner;
      const soundId = sound && newId();
      if (sound && soundId) await sendFile({ id: soundId, blob: sound, name: 'word.webm' });
      const body: Api['SealBody'] = {
        picked: ready.picked,
        setWorkId: ready.to.setWork?.id,
        purpose,
        with: [...makers],
        words,
        soundId,
        along,
        fitted,
        withMissing,
      };
      return unwrap(api.PUT('/api/hand-ins/{id}', { params: { path: { id: newId() } }, body }));
    },
    onSuccess: (version) => {
      queries.invalidateQueries({ queryKey: ['hand-ins'] });
      queries.invalidateQueries({ queryKey: ['ready'] });
      go(`/versions/${version.id}`);
    },
  });
  const isMended = (line: Api['LineView']) => manner.fitted && line.mend.fit;
  return {
    ready,
    with: manner,
    change: (part: Partial<Manner>) => setManner((now) => ({ ...now, ...part })),
    /** How much is missing besides what going smaller mends. */
    missing: ready.missing - ready.lines.filter(isMended).length,
    trouble: seal.error?.message,
    isPending: seal.isPending,
    seal: (purpose: Api['SealBody']['purpose'], withMissing: boolean) =>
      seal.mutate({ purpose, withMissing }),
  };
}
