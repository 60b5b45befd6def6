import { SHAPES, type Shape } from './look';

/** The ways to see a collection; the keys 1 to 7 choose them. */
export function ShapeTabs({ shape, onChoose }: { shape: Shape; onChoose: (shape: Shape) => void }) {
  return (
    <div role="group" aria-label="See it as" className="flex flex-wrap">
      {(Object.entries(SHAPES) as [Shape, string][]).map(([one, name]) => (
        <button
          key={one}
          type="button"
          aria-pressed={one === shape}
          className={`min-h-8 rounded-t-md border-b-[3px] px-2.5 py-1 ${one === shape ? 'border-petrol bg-card font-semibold' : 'border-transparent hover:bg-card/60'}`}
          onClick={() => onChoose(one)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
