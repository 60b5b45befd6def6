import { X } from '@phosphor-icons/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { evidenceOf, Shape } from '../../ui';
import { GlimpseLook, pageQuery } from '../entry';
import { SoundPlayer } from '../voice';

type Props = { work: Api['Glimpse'] | undefined; notebook: string; onTakeOut: () => void };

/** A piece of work that stands with an answer: its picture, its first words, or a sound that plays. */
export function DrawnPiece({ work, notebook, onTakeOut }: Props) {
  if (!work)
    return (
      <Frame name="what is gone" onTakeOut={onTakeOut} className="w-[148px]">
        <p className="p-2 text-[13px] text-soft">This piece is in the bin, or not on the server yet.</p>
      </Frame>
    );
  const isSound = work.kind === 'RECORDING';
  return (
    <Frame name={work.name} onTakeOut={onTakeOut} className={isSound ? 'w-full max-w-[420px]' : 'w-[148px]'}>
      {isSound ? (
        <Sound work={work} />
      ) : (
        <Link
          to={`/n/${notebook}/p/${work.pageId}?entry=${work.id}`}
          className="flex h-full flex-col hover:text-petrol"
        >
          <GlimpseLook work={work} className="h-[64px] w-full shrink-0 rounded-t-md border-b border-line" />
          <span className="flex gap-1.5 p-1.5 pr-7 text-[13px] leading-snug">
            <span className="mt-[3px] flex">
              <Shape kind={evidenceOf(work.kind)} size={10} />
            </span>
            <span
              className={`min-w-0 break-words ${work.picture || work.kind === 'INK' ? 'line-clamp-2' : 'line-clamp-4'}`}
            >
              {work.kind === 'TYPED' ? work.words || work.name : work.name}
            </span>
          </span>
        </Link>
      )}
    </Frame>
  );
}

type FrameProps = { name: string; onTakeOut: () => void; className: string; children: React.ReactNode };

function Frame({ name, onTakeOut, className, children }: FrameProps) {
  return (
    <li className={`relative rounded-md border border-line bg-card ${className}`}>
      {children}
      <button
        type="button"
        aria-label={`Take ${name} out of this answer`}
        title="Take out"
        className="absolute right-0 bottom-0 grid size-7 place-items-center rounded text-soft hover:text-rust"
        onClick={onTakeOut}
      >
        <X size={12} weight="bold" />
      </button>
    </li>
  );
}

/** Plays what its page holds. */
function Sound({ work }: { work: Api['Glimpse'] }) {
  const entry = useQuery(pageQuery(work.pageId)).data?.entries.find((one) => one.id === work.id);
  return (
    <div className="pr-6">
      <SoundPlayer id={work.id} media={entry?.media} content={entry?.content} name={work.name} />
    </div>
  );
}
