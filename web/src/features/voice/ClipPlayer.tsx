import { useRef, useState } from 'react';
import type { Api } from '../../api';
import { Button } from '../../ui';
import { SaveSound } from './ListeningTools';
import { SpokenWords } from './SpokenWords';
import { TrimMenu } from './TrimMenu';
import { TrimNote } from './TrimNote';
import { type Take, takeOf } from './take';
import { useCaptions } from './useCaptions';

type Props = {
  /** Of the entry. */
  id: string;
  /** Where the film is while the server does not have it. */
  url?: string;
  media?: Api['MediaView'];
  content?: unknown;
  name: string;
  onTake?: (take: Take) => void;
};

/** A short film to be watched: its picture, its captions, and where it was trimmed. */
export function ClipPlayer({ id, url, media, content, name, onTake }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const [now, setNow] = useState(0);
  const take = takeOf(content);
  const { trim, lines } = take;
  useCaptions(video, lines);
  const go = (moment: number) => {
    if (!video.current) return;
    video.current.currentTime = moment / 1000;
    void video.current.play();
  };
  const whole = (media?.seconds ?? 0) * 1000;
  const still = take.poster ?? trim?.from ?? 0;
  return (
    <div className="rounded-md border border-line bg-card px-2.5 py-2">
      <video
        ref={video}
        aria-label={name}
        className="max-h-[480px] w-full rounded bg-[#17262D]"
        controls
        playsInline
        preload="metadata"
        src={media ? `/api/media/${media.id}${media.compact ? '/compact' : ''}` : url}
        poster={media && `/api/media/${media.id}/still?at=${still}`}
        width={media?.width}
        height={media?.height}
        onPlay={({ currentTarget: film }) => {
          const at = film.currentTime * 1000;
          if (trim && (at < trim.from || at >= trim.to - 100)) film.currentTime = trim.from / 1000;
        }}
        onSeeked={({ currentTarget: film }) => setNow(film.currentTime * 1000)}
        onTimeUpdate={({ currentTarget: film }) => {
          const at = film.currentTime * 1000;
          setNow(at);
          if (trim && at >= trim.to && !film.paused) film.pause();
        }}
      />
      {media?.audibility === undefined && media && lines.length === 0 && (
        <p className="mt-1 text-[13px] text-soft">This clip has no sound.</p>
      )}
      <TrimNote trim={trim} />
      {(onTake || media) && (
        <div className="mt-1 flex flex-wrap items-center gap-x-1 text-[13.5px]">
          {onTake && media && (
            <>
              <Button
                look="quiet"
                onClick={() =>
                  onTake({ ...take, poster: Math.round((video.current?.currentTime ?? 0) * 1000) })
                }
              >
                Let this picture stand for it
              </Button>
              <TrimMenu
                trim={trim}
                now={now}
                whole={whole}
                onTrim={(next) => onTake({ ...take, trim: next })}
              />
            </>
          )}
          {media && onTake && <SaveSound media={media} />}
        </div>
      )}
      <SpokenWords
        id={id}
        lines={lines}
        now={now}
        length={whole}
        isKept={!!media}
        isShown
        onGo={go}
        onLines={onTake && media ? (next) => onTake({ ...take, lines: next }) : undefined}
      />
    </div>
  );
}
