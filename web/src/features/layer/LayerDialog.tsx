import type { ReactNode } from 'react';
import { Dialog } from '../../ui';
import type { SpotSigns } from './LayerView';
import { Surface } from './Surface';
import type { Layer, Thing } from './things';
import { ON_PICTURES } from './tools';
import { useHistory } from './useHistory';

type Props = {
  title: string;
  /** The address of the picture in full. */
  picture: string;
  layer: Layer;
  onChange: (layer: Layer) => void;
  onClose: () => void;
  signs?: SpotSigns;
  more?: (thing: Thing) => ReactNode;
  /** What stands above the picture. */
  above?: ReactNode;
};

/** A picture as a surface: what is written lies over it and leaves it as it is. */
export function LayerDialog({ title, picture, layer, onChange, onClose, signs, more, above }: Props) {
  const history = useHistory(layer.things, (things) => onChange({ ...layer, things: [...things] }));
  const { width, height } = layer;
  return (
    <Dialog title={`Write on “${title}”`} onClose={onClose} size="full">
      {above}
      <Surface
        width={width}
        height={height}
        history={history}
        offered={ON_PICTURES}
        under={<image href={picture} width={width} height={height} preserveAspectRatio="none" />}
        tallest="80vh"
        isBroad
        canLock
        signs={signs}
        more={more}
      />
    </Dialog>
  );
}
