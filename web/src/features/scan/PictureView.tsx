import type { ReactNode } from 'react';
import { LayerView } from '../layer';
import type { Picture } from './picture';

type Props = {
  picture: Picture;
  src?: string;
  name: string;
  /** In px. */
  tallest: number;
  /** Whether what is written on it is hidden. */
  isBare: boolean;
  /** The colours of marked spots, by their ids. */
  signs?: Record<string, string>;
  /** What lies over it, in its edges. */
  children?: ReactNode;
};

/** A picture as large as there is room, with what is written on it. */
export function PictureView({
  picture: { width, height, layer },
  src,
  name,
  tallest,
  isBare,
  signs,
  children,
}: Props) {
  const isSized = width !== undefined && height !== undefined;
  return (
    <span className="block rounded-md bg-wash">
      <span
        className="relative mx-auto block"
        style={
          isSized ? { maxWidth: (tallest * width) / height, aspectRatio: `${width} / ${height}` } : undefined
        }
      >
        <img
          src={src}
          alt={name}
          width={width}
          height={height}
          className={isSized ? 'block h-full w-full' : 'mx-auto block h-auto max-h-[560px] max-w-full'}
        />
        {layer && !isBare && isSized && <LayerView layer={layer} signs={signs} />}
        {children}
      </span>
    </span>
  );
}
