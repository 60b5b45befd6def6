import { Button } from './Button';

type Props = {
  /** Of the thing that is moved, as it is read out. */
  name: string;
  isFirst: boolean;
  isLast: boolean;
  onMove: (by: -1 | 1) => void;
  /** Without it the thing has to stay. */
  onRemove?: () => void;
};

/** Moves one thing of a list that is written, or takes it out. */
export function OrderButtons({ name, isFirst, isLast, onMove, onRemove }: Props) {
  return (
    <span className="flex">
      <Button look="quiet" disabled={isFirst} aria-label={`Move ${name} up`} onClick={() => onMove(-1)}>
        ↑
      </Button>
      <Button look="quiet" disabled={isLast} aria-label={`Move ${name} down`} onClick={() => onMove(1)}>
        ↓
      </Button>
      <Button look="quiet" disabled={!onRemove} aria-label={`Take out ${name}`} onClick={onRemove}>
        Take out
      </Button>
    </span>
  );
}
