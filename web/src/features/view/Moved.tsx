import { Button } from '../../ui';
import type { Item } from './details';
import type { ShapeProps } from './shapeProps';

type Props = { item: Item; isRead: boolean; onTell: ShapeProps['onTell'] };

/** Where a linked page went: to another address, or nobody can open it any more. */
export function Moved({ item, isRead, onTell }: Props) {
  const { card } = item;
  if (card?.movedTo)
    return (
      <p className="text-[13px] text-brass">
        This page has moved to {new URL(card.movedTo).host}.{' '}
        {!isRead && (
          <Button
            look="quiet"
            className="text-[13px]"
            aria-label={`Use the new address of ${item.title}`}
            onClick={() => onTell(item, { url: card.movedTo })}
          >
            Use the new address
          </Button>
        )}
      </p>
    );
  return card?.state === 'UNREACHED' && card.title ? (
    <p className="text-[13px] text-brass">This page was there, and can’t be opened now.</p>
  ) : null;
}
