import { type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import type { Api } from '../../api';
import { Button, useKeys } from '../../ui';
import { type InkDrawing, type InkStroke, StrokeShape } from '../ink';
import { DRAWING, Surface, strokesOf, type Thing, useHistory } from '../layer';
import { type Anchor, SHEET_PX } from '../remark';
import { ProseView } from '../text';
import { picturesIn } from './SealedContent';

type Entry = Api['SealedEntryView'];
export type Drawn = { anchor: Anchor; drawing: { width: number; height: number; strokes: InkStroke[] } };

type Props = { entry: Entry; picture: number; onKeep: (drawn: Drawn) => void; onClose: () => void };

/** A surface as wide as this, in units of its own, lies over a picture. */
const PICTURE_WIDTH = 900;

/** Whether the pen can be put to an entry: texts, drawings and pictures have a place for every stroke. */
export const canBeDrawnOn = (entry: Entry | undefined): entry is Entry =>
  entry?.kind === 'TYPED' ||
  entry?.kind === 'INK' ||
  (entry?.kind === 'PHOTO' && picturesIn(entry).length > 0);

/** The pen over an entry of handed-in work; what is drawn is a remark. */
export function DrawOver({ entry, picture, onKeep, onClose }: Props) {
  if (entry.kind === 'TYPED') return <OverText {...{ entry, picture, onKeep, onClose }} />;
  if (entry.kind === 'INK') {
    const { width, height, strokes } = entry.content as InkDrawing;
    return (
      <Over
        {...{ width, height, onKeep, onClose, picture: 0, entry }}
        under={strokes.map((stroke, i) => <StrokeShape key={i.toString()} stroke={stroke} />)}
      />
    );
  }
  const shown = picturesIn(entry)[picture];
  const height = Math.round((PICTURE_WIDTH * (shown?.height ?? 3)) / (shown?.width ?? 4));
  return (
    <Over
      {...{ width: PICTURE_WIDTH, height, onKeep, onClose, picture, entry }}
      under={<image href={shown?.small} width={PICTURE_WIDTH} height={height} preserveAspectRatio="none" />}
    />
  );
}

/** A text is drawn over at one width on every screen, so that the strokes stay with their lines. */
function OverText({ entry, onKeep, onClose }: Props) {
  const text = useRef<HTMLDivElement>(null);
  const [height, setHeight] = useState<number>();
  useLayoutEffect(() => setHeight(text.current?.offsetHeight), []);
  if (height === undefined)
    return (
      <div ref={text} style={{ width: SHEET_PX }}>
        <ProseView content={entry.content} />
      </div>
    );
  const under = (
    <foreignObject width={SHEET_PX} height={height} className="text-[#17262D]">
      <ProseView content={entry.content} />
    </foreignObject>
  );
  return <Over {...{ width: SHEET_PX, height: Math.max(1, height), under, onKeep, onClose, entry }} />;
}

type OverProps = Omit<Props, 'picture'> & {
  /** Of a set; none on a text. */
  picture?: number;
  width: number;
  height: number;
  under: ReactNode;
};

const NOTHING: Thing[] = [];

function Over({ entry, picture, width, height, under, onKeep, onClose }: OverProps) {
  const [strokes, setStrokes] = useState<InkStroke[]>([]);
  const history = useHistory(NOTHING, (things) => setStrokes(things.flatMap(strokesOf)));
  const keep = () => {
    const middle = centreOf(strokes);
    const anchor: Anchor =
      picture === undefined
        ? { about: 'ENTRY', entry: entry.id }
        : {
            about: 'SPOT',
            entry: entry.id,
            picture,
            x: shareOf(middle.x, width),
            y: shareOf(middle.y, height),
          };
    onKeep({ anchor, drawing: { width, height, strokes } });
  };
  useKeys({ enter: () => strokes.length > 0 && keep() });
  return (
    <div>
      <Surface {...{ width, height, history, under }} offered={DRAWING} tallest="80vh" />
      <div className="mt-2 flex gap-2">
        <Button look="act" hotkey="↵" disabled={strokes.length === 0} onClick={keep}>
          Put it here
        </Button>
        <Button hotkey="Esc" onClick={onClose}>
          Throw away
        </Button>
      </div>
    </div>
  );
}

const shareOf = (at: number, of: number) => Math.min(1, Math.max(0, at / of));

/** The middle of what strokes cover. */
export function centreOf(strokes: readonly InkStroke[]): { x: number; y: number } {
  const points = strokes.flatMap((stroke) => stroke.points);
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const middle = (numbers: number[]) => (Math.min(...numbers) + Math.max(...numbers)) / 2;
  return points.length === 0 ? { x: 0, y: 0 } : { x: middle(xs), y: middle(ys) };
}
