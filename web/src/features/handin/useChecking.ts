import { useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { useMe } from '../people';
import { type Anchor, SIGN_WORDS } from '../remark';
import { versionQuery } from './queries';
import { useRegister } from './useQueue';

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
  const { query } = useRegister();
  const change = (part: (version: Version) => Partial<Version>) =>
    queries.setQueryData(versionQuery(id).queryKey, (version) => version && { ...version, ...part(version) });
  const act = (method: 'PUT' | 'POST' | 'DELETE', path: string, body?: unknown) =>
    ({ pageId: id, method, path: `/api/hand-ins/${id}${path}`, body }) as const;

  const move = (state: State, path: string) => {
    change(() => ({ state }));
    queries.setQueryData(query.queryKey, (register) => register && withState(register, id, state));
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
    judge: (criterion: number, level?: number) => {
      change(({ levels, to }) => judged(levels, to, criterion, level));
      return outbox.act(act('PUT', `/levels/${criterion}`, { level }));
    },
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
  students: register.students.map((line) => ({
    ...line,
    latest: line.latest?.id === id ? { ...line.latest, state } : line.latest,
    draft: line.draft?.id === id ? { ...line.draft, state } : line.draft,
  })),
});

/** The levels with one chosen or taken back, and what they come to until the server says it. */
function judged(
  before: Version['levels'],
  to: Version['to'],
  criterion: number,
  level?: number,
): Pick<Version, 'levels' | 'figures'> {
  const criteria = to.setWork?.criteria ?? [];
  const others = before.filter((one) => one.criterion !== criterion);
  const levels = level === undefined ? others : [...others, { criterion, level }];
  const pointsOf = (at: number, one?: number) => criteria[at]?.levels.at(one ?? -1)?.points ?? 0;
  const sum = (points: number[]) => points.reduce((all, one) => all + one, 0);
  return {
    levels,
    figures: {
      points: sum(levels.map((one) => pointsOf(one.criterion, one.level))),
      most: sum(levels.map((one) => pointsOf(one.criterion))),
      chosen: levels.length,
      of: criteria.length,
    },
  };
}
