import type { Api } from '../../api';
import { KindMark } from '../view';

type Props = { coverId: string | undefined; kinds: readonly Api['ItemView']['kind'][]; className: string };

/** The cover of a collection: a picture, or the signs of what it holds. */
export function Cover({ coverId, kinds, className }: Props) {
  if (coverId)
    return (
      <img
        src={`/api/media/${coverId}/screen`}
        alt=""
        loading="lazy"
        className={`${className} shrink-0 rounded-md bg-wash object-cover`}
      />
    );
  return (
    <span
      aria-hidden="true"
      className={`${className} grid shrink-0 grid-cols-2 place-items-center rounded-md bg-wash p-1.5 text-soft`}
    >
      {kinds.slice(0, 4).map((kind) => (
        <KindMark key={kind} kind={kind} />
      ))}
    </span>
  );
}
