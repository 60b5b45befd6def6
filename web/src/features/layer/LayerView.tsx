import { useLocation } from 'react-router';
import { LitThings } from './LitThings';
import { ThingView } from './ThingView';
import { type Layer, nameOf } from './things';

/** The colours of marked spots, by their ids. */
export type SpotSigns = Record<string, string>;

const NONE: SpotSigns = {};

/** What is written on a picture, laid over it; the spot that the address names is ringed. */
export function LayerView({ layer, signs = NONE }: { layer: Layer; signs?: SpotSigns }) {
  const { hash } = useLocation();
  const words = layer.things.filter((thing) => thing.kind !== 'ink' && thing.kind !== 'box').map(nameOf);
  return (
    <svg
      viewBox={`0 0 ${layer.width} ${layer.height}`}
      className="pointer-events-none absolute inset-0 h-full w-full"
      role="img"
      aria-label={['Written on it', ...words].join('. ')}
    >
      <LitThings things={layer.things} />
      {layer.things.map((thing) => (
        <ThingView
          key={thing.id}
          thing={thing}
          sign={signs[thing.id]}
          isNamed={hash === `#spot-${thing.id}`}
        />
      ))}
    </svg>
  );
}
