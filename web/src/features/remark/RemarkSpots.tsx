import { StrokeShape } from '../ink';
import { drawnIn, type Remark } from './anchor';

/** What was drawn over a picture, and the numbers of remarks on spots of it. */
export function RemarkSpots({ remarks, picture }: { remarks: readonly Remark[]; picture: number }) {
  const here = remarks.filter(({ anchor }) => anchor.about === 'SPOT' && (anchor.picture ?? 0) === picture);
  return (
    <>
      {here.map((remark) => (
        <DrawnOver key={remark.id} remark={remark} />
      ))}
      {here.map(({ id, number, anchor }) => (
        <span
          key={id}
          className="pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 rounded bg-brass px-1.5 text-[13px] font-bold text-on-petrol shadow"
          style={{ left: `${100 * (anchor.x ?? 0)}%`, top: `${100 * (anchor.y ?? 0)}%` }}
        >
          {number}
        </span>
      ))}
    </>
  );
}

/** What was drawn with a remark, as large as what it lies over. */
function DrawnOver({ remark }: { remark: Remark }) {
  const drawn = drawnIn(remark);
  if (!drawn) return null;
  return (
    <svg
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      className="pointer-events-none absolute inset-0 h-full w-full"
      role="img"
      aria-label={`Drawn with remark ${remark.number}`}
    >
      {drawn.strokes.map((stroke, i) => (
        <StrokeShape key={i.toString()} stroke={stroke} />
      ))}
    </svg>
  );
}
