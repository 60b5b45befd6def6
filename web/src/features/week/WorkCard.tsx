import { Link } from 'react-router';
import type { Api } from '../../api';
import { evidenceOf, Shape } from '../../ui';
import { GlimpseLook } from '../entry';

/** A thing that was made, small, as it is known again: a picture, a drawing, a waveform, the first words. */
export function WorkCard({ made: { work, notebookId } }: { made: Api['MadeView'] }) {
  const isText = work.kind === 'TYPED';
  return (
    <Link
      to={`/n/${notebookId}/p/${work.pageId}?entry=${work.id}`}
      title={work.name}
      className="flex h-[84px] w-[126px] flex-col overflow-hidden rounded-md border border-line bg-card hover:border-petrol"
    >
      <GlimpseLook work={work} className="h-[40px] w-full shrink-0 border-b border-line" />
      <span className="flex min-h-0 items-start gap-1.5 p-1.5 text-[12.5px] leading-[1.3]">
        <span className="mt-[3px] flex">
          <Shape kind={evidenceOf(work.kind)} size={10} />
        </span>
        <span className={`min-w-0 break-words ${isText ? 'line-clamp-4' : 'line-clamp-2'}`}>
          {isText ? work.words || work.name : work.name}
        </span>
      </span>
    </Link>
  );
}
