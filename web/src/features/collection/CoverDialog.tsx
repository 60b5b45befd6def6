import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap, useInTurn } from '../../api';
import { Button, Dialog, Trouble } from '../../ui';
import { pictureOf } from '../view';

type Props = { collection: Api['CollectionView']; onClose: () => void };

/** Chooses a cover: a picture of a thing, one of one's own, or what it holds. */
export function CoverDialog({ collection, onClose }: Props) {
  const change = useInTurn(['collection', collection.id], [['collections']]);
  const put = (pictureId?: string) =>
    unwrap(
      api.PUT('/api/collections/{id}/cover', {
        params: { path: { id: collection.id } },
        body: { pictureId },
      }),
    );
  const keep = (send: () => Promise<unknown>) => change.mutate({ send }, { onSuccess: onClose });
  const bring = async (file: File) => {
    const id = newId();
    await sendFile({ id, blob: file, name: file.name });
    await put(id);
  };
  const pictures = collection.items.flatMap((item) => {
    const picture = pictureOf(item);
    return picture ? [{ picture, title: item.title }] : [];
  });
  return (
    <Dialog title="Cover" onClose={onClose}>
      <Trouble>{change.error?.message}</Trouble>
      {pictures.length > 0 && (
        <ul className="mb-3 grid max-h-[45vh] grid-cols-3 gap-2 overflow-auto sm:grid-cols-4">
          {pictures.map(({ picture, title }) => (
            <li key={picture}>
              <button
                type="button"
                aria-label={`The picture of ${title}`}
                aria-pressed={picture === collection.coverId}
                className="block w-full overflow-hidden rounded-md border-2 border-transparent hover:border-petrol aria-pressed:border-petrol"
                onClick={() => keep(() => put(picture))}
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
            if (file) keep(() => bring(file));
          }}
        />
      </label>
      {collection.coverId && (
        <Button onClick={() => keep(() => put())}>No picture: show what kinds of things it holds</Button>
      )}
    </Dialog>
  );
}
