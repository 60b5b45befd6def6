import { Button } from '../../ui';
import { isOf, isOpen, MarkBadge, type Marking, stateOf } from '../mark';

/** The colours of the signs, on pictures of any brightness. */
const FILLS = { KEY: '#9A6A10', QUESTION: '#A23B2C', TASK: '#0E5A66', OWN: '#0E5A66' } as const;

/** How the spots of an entry are coloured by the marks that they carry; a settled one is as it was. */
export function spotSigns({ marks }: Marking, entry: string): Record<string, string> {
  const signs: Record<string, string> = {};
  for (const mark of marks)
    if (mark.on === entry && mark.passage && (stateOf(mark) === '' || isOpen(mark)))
      signs[mark.passage] = FILLS[mark.kind];
  return signs;
}

/** The marks that a spot can carry. */
export function SpotMarks({ entry, spot, marking }: { entry: string; spot: string; marking: Marking }) {
  const own = marking.marks.filter((mark) => mark.on === entry && mark.passage === spot);
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
      <span className="text-[14px]">Mark it</span>
      {marking.choices.map((choice) => {
        const isSet = own.some((mark) => isOf(mark, choice));
        return (
          <Button
            key={choice.own?.id ?? choice.kind}
            className={`min-h-7 px-2 text-[14px] ${isSet ? 'border-petrol bg-petrol-wash' : ''}`}
            aria-pressed={isSet}
            onClick={() => marking.toggle(entry, choice, spot)}
          >
            <MarkBadge choice={choice} />
            {choice.name}
          </Button>
        );
      })}
    </div>
  );
}
