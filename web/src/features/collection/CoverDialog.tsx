import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, unwrap } from '../../api';
import { Button, Dialog, Trouble } from '../../ui';
import { pictureOf } from '../view';

type Props = { collection: Api['CollectionView']; onClose: () => void };

/** Chooses a cover: a picture of a thing, one of one's own, or what it holds. */
export function CoverDialog({ collection, onClose }: Props) {
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: async (wish: { pictureId?: string; file?: File }) => {
      const pictureId = wish.file ? newId() : wish.pictureId;
      if (wish.file && pictureId) await sendFile({ id: pictureId, blob: wish.file, name: wish.file.name });
      await unwrap(
        api.PUT('/api/collections/{id}/cover', {
          params: { path: { id: collection.id } },
          body: { pictureId },
        }),
      );
    },
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['collection', collection.id] });
      queries.invalidateQueries({ queryKey: ['collections'] });
      onClose();
    },
  });
  const pictures = collection.items.flatMap((item) => {
    const picture = pictureOf(item);
    return picture ? [{ picture, title: item.title }] : [];
  });
  return (
    <Dialog title="Cover" onClose={onClose}>
      <Trouble>{keep.error?.message}</Trouble>
      {pictures.length > 0 && (
        <ul className="mb-3 grid max-h-[45vh] grid-cols-3 gap-2 overflow-auto sm:grid-cols-4">
          {pictures.map(({ picture, title }) => (
            <li key={picture}>
              <button
                type="button"
                aria-label={`The picture of ${title}`}
                aria-pressed={picture === collection.coverId}
                className="block w-full overflow-hidden rounded-md border-2 border-transparent hover:border-petrol aria-pressed:border-petrol"
                onClick={() => keep.mutate({ pictureId: picture })}
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
          onChange={({ target: { files } }) => files?.[0] && keep.mutate({ file: files[0] })}
        />
      </label>
      {collection.coverId && (
        <Button onClick={() => keep.mutate({})}>No picture: show what kinds of things it holds</Button>
      )}
    </Dialog>
  );
}
