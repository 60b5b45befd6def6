import { FileCard } from '../file';
import { ClipPlayer } from '../link';
import type { Item } from './details';
import { pictureOf } from './PicturesShape';
import { playerOf } from './playerOf';

/** What a thing is, to be looked at or heard in place; sounds and films come when they are played. */
export function ThingPreview({ item }: { item: Item }) {
  const { media, entry, card } = item;
  const picture = pictureOf(item);
  if (media?.kind === 'CLIP')
    return (
      <video
        controls
        preload="none"
        poster={`/api/media/${media.id}/still?at=0`}
        src={`/api/media/${media.id}`}
        aria-label={item.title}
        className="mb-3 max-h-80 w-full rounded-md bg-wash"
      />
    );
  if (media?.kind === 'RECORDING')
    return (
      <audio
        controls
        preload="none"
        src={`/api/media/${media.id}`}
        aria-label={item.title}
        className="mb-3 w-full"
      />
    );
  if (media?.kind === 'FILE')
    return (
      <div className="mb-3">
        <FileCard name={media.name} media={media} />
      </div>
    );
  return (
    <>
      {card?.clip ? (
        <ClipPlayer
          title={item.title}
          clip={card.clip}
          player={playerOf(item)}
          pictureId={picture}
          part={item.played}
        />
      ) : (
        picture && <Still picture={picture} />
      )}
      {entry?.words && <p className="mb-2 whitespace-pre-line">{entry.words}</p>}
      {card?.description && <p className="mb-2 text-soft">{card.description}</p>}
    </>
  );
}

const Still = ({ picture }: { picture: string }) => (
  <img
    src={`/api/media/${picture}/screen`}
    alt=""
    className="mb-3 max-h-72 w-full rounded-md bg-wash object-contain"
  />
);
