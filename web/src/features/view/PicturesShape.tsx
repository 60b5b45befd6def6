import type { Item } from './details';
import { InGroups } from './InGroups';
import type { ShapeProps } from './shapeProps';
import { ThingMark } from './ThingName';
import { useSome } from './useSome';
import { Values } from './Values';

/** Things as pictures, in groups where a detail was chosen for that. */
export function PicturesShape(props: ShapeProps) {
  return props.look.by ? (
    <InGroups {...props} group={(items) => <Pictures {...props} items={items} />} />
  ) : (
    <Pictures {...props} />
  );
}

function Pictures({ items, own, look, onOpen }: ShapeProps) {
  const { some, more } = useSome(items, look);
  return (
    <>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-3">
        {some.map((item) => (
          <li key={item.id}>
            <button
              type="button"
              className="flex h-full w-full flex-col overflow-hidden rounded-md border border-line bg-card text-left hover:border-petrol"
              onClick={() => onOpen(item)}
            >
              <Picture item={item} />
              <span className="block w-full p-2">
                <b className="line-clamp-2">{item.title}</b>
                <Values item={item} aspects={own} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      {more}
    </>
  );
}

/** The picture of a thing, or its sign where it has none. */
export function Picture({ item }: { item: Item }) {
  const id = pictureOf(item);
  if (!id && item.kind === 'NOTE' && item.note)
    return (
      <span className="block aspect-[4/3] w-full overflow-hidden bg-wash px-2.5 py-2 text-[13px] leading-snug">
        {item.note}
      </span>
    );
  return id ? (
    <img
      src={`/api/media/${id}/screen`}
      alt=""
      loading="lazy"
      className="aspect-[4/3] w-full bg-wash object-cover"
    />
  ) : (
    <span className="grid aspect-[4/3] w-full place-items-center bg-wash text-soft">
      <span className="scale-[2.2]">
        <ThingMark item={item} />
      </span>
    </span>
  );
}

export const pictureOf = ({ media, card, entry }: Item): string | undefined =>
  media?.kind === 'PHOTO' ? media.id : (card?.pictureId ?? entry?.pictureId);
