import type { Api } from '../../api';
import type { Seen } from '../../core/view';
import type { Aspect, Collection, Item } from './details';
import type { Look } from './look';
import type { Telling } from './useThings';

/** What every way to see a collection is given. */
export type ShapeProps = {
  collection: Collection;
  /** The things that are seen, in their order. */
  items: Item[];
  seen: Seen;
  aspects: readonly Aspect[];
  /** The details of the student's own. */
  own: readonly Aspect[];
  /** By which things are grouped, counted or coloured. */
  by: Aspect;
  look: Look;
  onLook: (look: Look) => void;
  onTell: (item: Item, telling: Telling) => void;
  onOpen: (item: Item) => void;
  /** How the collection is looked at where it is shown by somebody: nothing can be changed then. */
  reading?: Api['ViewsOfCollection'];
};
