import type { Api } from '../../api';

export type CoverColour = Api['NotebookView']['cover'];

export const COVERS: Record<CoverColour, { name: string; look: string }> = {
  PETROL: { name: 'Petrol', look: 'bg-[#0e5a66]' },
  MOSS: { name: 'Moss', look: 'bg-[#41702f]' },
  BRASS: { name: 'Brass', look: 'bg-[#9a6a10]' },
  RUST: { name: 'Rust', look: 'bg-[#a23b2c]' },
  PLUM: { name: 'Plum', look: 'bg-[#6a3f63]' },
  SLATE: { name: 'Slate', look: 'bg-[#51606b]' },
};

/** The cover of a notebook, seen from its back: a bar in its colour with a notch cut out of it. */
export function Cover({ colour }: { colour: CoverColour }) {
  return (
    <span
      aria-hidden="true"
      className={`inline-block h-5 w-2.5 shrink-0 rounded-[2px] [clip-path:polygon(0_0,100%_0,100%_35%,55%_50%,100%_65%,100%_100%,0_100%)] ${COVERS[colour].look}`}
    />
  );
}
