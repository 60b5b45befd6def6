import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, Dialog } from '../../ui';
import { pictureOf, useActs } from '../view';

type Props = { collection: Api['CollectionView']; onClose: () => void };

/** Chooses a cover: a picture of a thing, one of one's own, or what it holds. */
export function CoverDialog({ collection, onClose }: Props) {
  const { act } = useActs(collection.id);
  const put = (pictureId: string | undefined, file?: File) => {
    void act({
      method: 'PUT',
      path: `/api/collections/${collection.id}/cover`,
      body: { pictureId },
      file: file && pictureId ? { id: pictureId, blob: file, name: file.name } : undefined,
      show: (now) => (file ? now : { ...now, coverId: pictureId }),
    });
    onClose();
  };
  const pictures = collection.items.flatMap((item) => {
    const picture = pictureOf(item);
    return picture ? [{ picture, title: item.title }] : [];
  });
  return (
    <Dialog title="Cover" onClose={onClose}>
      {pictures.length > 0 && (
        <ul className="mb-3 grid max-h-[45vh] grid-cols-3 gap-2 overflow-auto sm:grid-cols-4">
          {pictures.map(({ picture, title }) => (
            <li key={picture}>
              <button
                type="button"
                aria-label={`The picture of ${title}`}
                aria-pressed={picture === collection.coverId}
                className="block w-full overflow-hidden rounded-md border-2 border-transparent hover:border-petrol aria-pressed:border-petrol"
                onClick={() => put(picture)}
              >
                <img
                  src={`/api/media/${picture}/screen`}
                  alt=""
                  loading="lazy"
                  className="aspect-square w-full bg-wash object-cover"
                />
              </button>
            </li>
          ))}
        </ul>
      )}
      <label className="mb-3 block font-semibold">
        A picture of your own
        <input
          type="file"
          accept="image/*"
          className="mt-1 block w-full rounded-md border border-line bg-card p-1.5 font-normal"
          onChange={({ target: { files } }) => {
            const [file] = files ?? [];
            if (file) put(newId(), file);
          }}
        />
      </label>
      {collection.coverId && (
        <Button onClick={() => put(undefined)}>No picture: show what kinds of things it holds</Button>
      )}
    </Dialog>
  );
}
