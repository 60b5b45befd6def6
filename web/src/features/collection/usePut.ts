import { v7 as newId } from 'uuid';
import type { WaitingFile } from '../../device';
import { asItem, type NewThing, useActing } from '../view';

/** What is to be put in; a file goes along with it. */
export type Wish = NewThing & { file?: Omit<WaitingFile, 'id'> };

export const pathOf = (collection: string, item: string) => `/api/collections/${collection}/items/${item}`;

/** Puts a thing into a collection, at its end, and gives its id. */
export function usePut() {
  const acting = useActing();
  return async (collection: string, { file, ...wish }: Wish): Promise<string> => {
    const item = newId();
    const mediaId = file && newId();
    await acting(collection, {
      method: 'PUT',
      path: pathOf(collection, item),
      body: { ...wish, mediaId },
      file: file && mediaId ? { ...file, id: mediaId } : undefined,
      show: (now) => ({ ...now, items: [...now.items, asItem(item, wish, today())] }),
    });
    return item;
  };
}

/** By the device's own clock, as days are written. */
const today = () => new Date().toLocaleDateString('sv');
