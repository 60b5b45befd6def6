import { type DragEvent, type ReactNode, useState } from 'react';
import { Card } from '../../ui';
import { DRAGGED_ENTRY } from '../entry';

type Props = {
  name: string;
  isInto: boolean;
  onInto: () => void;
  onDrop: (entry: string) => void;
  children: ReactNode;
};

/** The card of an answer, which takes work that is dragged to it. */
export function AnswerDrop({ name, isInto, onInto, onDrop, children }: Props) {
  const [isOver, setOver] = useState(false);
  const over = (event: DragEvent) => {
    if (!event.dataTransfer.types.includes(DRAGGED_ENTRY)) return;
    event.preventDefault();
    setOver(true);
  };
  const drop = (event: DragEvent) => {
    const entry = event.dataTransfer.getData(DRAGGED_ENTRY);
    setOver(false);
    if (!entry) return;
    event.preventDefault();
    onDrop(entry);
  };
  return (
    <div
      role="group"
      aria-label={name}
      onFocus={onInto}
      onDragOver={over}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <Card
        className={`mb-3 border-l-4 ${isOver ? 'border-brass' : isInto ? 'border-petrol' : 'border-transparent'}`}
      >
        {children}
      </Card>
    </div>
  );
}
