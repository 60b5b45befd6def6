import { lazy, Suspense } from 'react';
import { ChartShape } from './ChartShape';
import { GroupsShape } from './GroupsShape';
import { ListShape } from './ListShape';
import { PicturesShape } from './PicturesShape';
import type { ShapeProps } from './shapeProps';
import { TableShape } from './TableShape';
import { TimeShape } from './TimeShape';

/** The board brings a library along, so it comes when it is looked at. */
const BoardShape = lazy(async () => ({ default: (await import('./BoardShape')).BoardShape }));

type Props = Parameters<typeof ListShape>[0];

/** The things of a collection in the shape that was chosen. */
export function Shapes(props: Props) {
  switch (props.look.shape) {
    case 'TABLE':
      return <TableShape {...props} />;
    case 'PICTURES':
      return <PicturesShape {...props} />;
    case 'GROUPS':
      return <GroupsShape {...props} />;
    case 'CHART':
      return <ChartShape {...props} />;
    case 'TIME':
      return <TimeShape {...props} />;
    case 'BOARD':
      return (
        <Suspense fallback={<p className="text-soft">Opening the board…</p>}>
          <BoardShape {...props} />
        </Suspense>
      );
    default:
      return <ListShape {...props} />;
  }
}

export type { ShapeProps };
