import { useMemo, useRef } from 'react';
import { type Choice, choiceOf, isOpen, type Mark, type Marking, signElement, stateOf } from '../mark';
import type { Spot } from '../scan';
import type { TextMarking } from '../text';
import type { Shown } from './shown';

type Wants = {
  entry: Shown;
  marking: Marking;
  /** The passages that a note of this page stands beside. */
  besides: ReadonlySet<string>;
  spots: Spot[];
  onOpen: (mark: Mark) => void;
  onBeside?: (passage: string) => void;
};

const idOf = (choice: Choice) => choice.own?.id ?? choice.kind;

/** The marks of an entry as its text shows and sets them. */
export function useTextMarking({ entry, marking, besides, spots, onOpen, onBeside }: Wants): TextMarking {
  const { marks, choices, toggle } = marking;
  const latest = useRef(onOpen);
  latest.current = onOpen;
  const signs = useMemo(
    () => [
      ...marks.flatMap((mark) => {
        if (mark.on !== entry.id || !mark.passage) return [];
        const choice = choiceOf(mark, choices);
        const isSettled = stateOf(mark) !== '' && !isOpen(mark);
        return [
          {
            passage: mark.passage,
            // Whatever changes how the sign looks is in its key, else the old one would stay.
            key: [mark.id, stateOf(mark), choice.name, choice.own?.shape].join(' '),
            sign: signElement(mark, choice, () => latest.current(mark)),
            look: isSettled ? 'passage-settled' : `passage-${mark.kind.toLowerCase()}`,
            choice: idOf(choice),
          },
        ];
      }),
      ...[...besides].map((passage) => ({ passage, key: `beside-${passage}`, look: 'passage-beside' })),
    ],
    [marks, choices, besides, entry.id],
  );
  return {
    choices: choices.map((choice) => ({ id: idOf(choice), name: choice.name })),
    signs,
    spots,
    onMark: (id, passage) => {
      const choice = choices.find((one) => idOf(one) === id);
      if (choice) toggle(entry.id, choice, passage);
    },
    onBeside,
  };
}
