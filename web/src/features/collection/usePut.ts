import { v7 as newId } from 'uuid';
import type { WaitingFile } from '../../device';
import { asItem, type NewThing, useActing } from '../view';

/** What is to be put in; a file goes along with it. */
export type Wish = NewThing & { file?: Omit<WaitingFile, 'id'> };

/** As long as a name in a collection; a longer one is cut. */
const LONGEST_NAME = 120;

export const pathOf = (collection: string, item: string) => `/api/collections/${collection}/items/${item}`;

/** Puts a thing into a collection, at its end, and gives its id. */
export function usePut() {
  const acting = useActing();
  return async (collection: string, { file, ...named }: Wish): Promise<string> => {
    const wish = { ...named, title: named.title.slice(0, LONGEST_NAME) };
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
