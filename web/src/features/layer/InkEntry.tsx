import { type MouseEvent, useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type InkDrawing, InkView } from '../ink';
import { usePageHearing } from '../voice';
import { heardUnder } from './heard';
import { LitThings } from './LitThings';
import { Surface } from './Surface';
import type { InkThing, Thing } from './things';
import { DRAWING } from './tools';
import { useHistory } from './useHistory';

type Props = {
  content: unknown;
  isChosen: boolean;
  caption: string;
  onChange: (content: InkDrawing) => void;
};

/** A drawing; while it is chosen, a surface for pen, finger or mouse. */
export function InkEntry({ content, isChosen, caption, onChange }: Props) {
  const drawing = content as InkDrawing;
  return isChosen ? (
    <DrawingSurface start={drawing} onChange={onChange} />
  ) : (
    <HeardDrawing drawing={drawing} caption={caption} />
  );
}

/** A drawing that is looked at: its strokes lead to what was said when they were drawn. */
function HeardDrawing({ drawing, caption }: { drawing: InkDrawing; caption: string }) {
  const hearing = usePageHearing();
  const things = useMemo(() => drawing.strokes.map(thingOf), [drawing]);
  const under = (event: MouseEvent<SVGSVGElement>) =>
    heardUnder(things, drawing.width, event.currentTarget, event, hearing);
  return (
    <InkView
      drawing={drawing}
      title={caption}
      under={<LitThings things={things} />}
      // The press on a stroke would choose the drawing, which then is no longer looked at.
      onPress={(event) => under(event) && event.preventDefault()}
      onTap={(event) => {
        const moment = under(event);
        if (moment) hearing?.onHear(moment);
      }}
    />
  );
}

function DrawingSurface({ start, onChange }: { start: InkDrawing; onChange: (content: InkDrawing) => void }) {
  const [things] = useState(() => start.strokes.map(thingOf));
  const history = useHistory(things, (now) => onChange({ ...start, strokes: now.flatMap(strokesOf) }));
  return (
    <Surface
      width={start.width}
      height={start.height}
      history={history}
      offered={DRAWING}
      under={<PaperLines width={start.width} height={start.height} />}
      tallest="80vh"
    />
  );
}

/** A stroke of a drawing as a thing on a surface. */
export const thingOf = (stroke: InkDrawing['strokes'][number]): InkThing => ({
  ...stroke,
  kind: 'ink',
  id: newId(),
  locked: false,
});

/** What of a thing is a stroke. */
export const strokesOf = (thing: Thing): InkDrawing['strokes'] =>
  thing.kind === 'ink'
    ? [
        {
          tool: thing.tool,
          colour: thing.colour,
          width: thing.width,
          points: thing.points,
          ...(thing.madeAt && { madeAt: thing.madeAt }),
        },
      ]
    : [];

const LINE_GAP = 40;

/** The lines of drawing paper. */
export function PaperLines({ width, height }: { width: number; height: number }) {
  const lines = Array.from({ length: Math.floor(height / LINE_GAP) }, (_, i) => (i + 1) * LINE_GAP);
  return lines.map((y) => <line key={y} x1={0} x2={width} y1={y} y2={y} stroke="#DFE8EA" />);
}
