import { useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { useMe } from '../people';
import { type Anchor, SIGN_WORDS } from '../remark';
import { registerQuery, versionQuery } from './queries';

type Version = Api['SealedView'];
type State = Version['state'];

/** What is said: words, a sign, strokes or a sound; and the earlier remark that it goes back to. */
export type Said = {
  words?: string;
  sign?: keyof typeof SIGN_WORDS;
  drawing?: unknown;
  sound?: Blob;
  goesBackTo?: string;
};

/** What a teacher does with a version: on the screen and on the device at once, sent when it can be. */
export function useChecking(id: string) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const me = useMe();
  const change = (part: (version: Version) => Partial<Version>) =>
    queries.setQueryData(versionQuery(id).queryKey, (version) => version && { ...version, ...part(version) });
  const act = (method: 'PUT' | 'POST' | 'DELETE', path: string, body?: unknown) =>
    ({ pageId: id, method, path: `/api/hand-ins/${id}${path}`, body }) as const;

  const move = (state: State, path: string) => {
    change(() => ({ state }));
    const setWork = queries.getQueryData(versionQuery(id).queryKey)?.setWork.id ?? '';
    queries.setQueryData(
      registerQuery(setWork).queryKey,
      (register) => register && withState(register, id, state),
    );
    return outbox.act(act('POST', path));
  };

  const say = async (anchor: Anchor, { words = '', sign, drawing, sound, goesBackTo }: Said) => {
    const remark = newId();
    const soundId = sound && newId();
    const number =
      1 +
      Math.max(
        0,
        ...(queries.getQueryData(versionQuery(id).queryKey)?.remarks ?? []).map((one) => one.number),
      );
    change(({ remarks, version }) => ({
      remarks: [
        ...remarks,
        {
          id: remark,
          anchor,
          number,
          version,
          words,
          gist: gistOf({ words, sign, sound }),
          sign,
          drawing: drawing as Record<string, never> | undefined,
          goesBackTo,
          author: me.fullName,
          at: new Date().toISOString(),
        },
      ],
    }));
    const request = act('PUT', `/remarks/${remark}`, { anchor, words, soundId, sign, drawing, goesBackTo });
    if (sound && soundId)
      await outbox.actWithFile(request, { id: soundId, blob: sound, name: 'remark.webm' });
    else await outbox.act(request);
  };

  return {
    open: () => move('BEING_READ', '/open'),
    check: () => move('CHECKED', '/checked'),
    sendBack: () => move('SENT_BACK', '/sent-back'),
    say,
    withdraw: (remark: string) => {
      change(({ remarks }) => ({ remarks: remarks.filter((one) => one.id !== remark) }));
      return outbox.act(act('DELETE', `/remarks/${remark}`));
    },
  };
}

/** A remark in a few words, until the server says it. */
const gistOf = ({ words, sign, sound }: Said) =>
  words || (sound ? 'A spoken remark' : sign ? SIGN_WORDS[sign] : 'Drawn over the work');

const withState = (register: Api['RegisterView'], id: string, state: State): Api['RegisterView'] => ({
  ...register,
  students: register.students.map((line) =>
    line.latest?.id === id ? { ...line, latest: { ...line.latest, state } } : line,
  ),
});
