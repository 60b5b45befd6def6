import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, test } from 'vitest';
import { key, press, pull, tap } from '../../test/surface';
import { LayerDialog } from './LayerDialog';
import { LayerView } from './LayerView';
import { emptyLayer, type Layer } from './things';

/** Writes on a picture of 800 × 1,131, and gives what was kept after each change. */
function open(layer: Layer = emptyLayer(1600, 2262)) {
  const kept: Layer[] = [];
  render(
    <LayerDialog
      title="Setting up"
      picture="/api/media/m1"
      layer={layer}
      onChange={(changed) => kept.push(changed)}
      onClose={() => {}}
      more={(thing) => thing.kind === 'spot' && <p>Marks of {thing.id}</p>}
    />,
  );
  return { kept, things: () => kept.at(-1)?.things ?? [] };
}
const type = (words: string) => fireEvent.change(screen.getByRole('textbox'), { target: { value: words } });

test('is as high as the picture is at the width of all layers', () => {
  expect(emptyLayer(1600, 2262)).toEqual({ width: 800, height: 1131, things: [] });
});

test('keeps a label once it has words, as one step, and not before', () => {
  const { kept, things } = open();
  press('Label');
  tap([200, 100]);
  expect(kept).toEqual([]);
  type('Still');
  type('Still water');
  expect(things()).toMatchObject([{ kind: 'label', x: 200, y: 100, words: 'Still water', locked: false }]);
  press('Undo');
  expect(things()).toEqual([]);
});

test('takes a label without words away and lets it be typed anew', () => {
  const { things } = open();
  press('Label');
  tap([200, 100]);
  type('Still');
  type('');
  expect(things()).toEqual([]);
  type('Deep');
  expect(things()).toMatchObject([{ words: 'Deep' }]);
});

test('points a callout from where it was pulled to where it was let go', () => {
  const { things } = open();
  press('Callout');
  pull([
    [300, 300],
    [350, 340],
    [400, 380],
  ]);
  type('The strobe\nfreezes it');
  expect(things()).toMatchObject([{ kind: 'callout', tipX: 300, tipY: 300, x: 400, y: 380 }]);
});

test('pulls boxes from any corner and gives a tapped one a size', () => {
  const { things } = open();
  press('Box');
  pull([
    [300, 300],
    [250, 250],
    [200, 180],
  ]);
  expect(things()).toMatchObject([{ kind: 'box', left: 200, top: 180 }]);
  tap([500, 600]);
  expect(things()[1]).toMatchObject({ left: 500, top: 600, right: 660.01 });
});

test('numbers spots on, also after the last was taken away by hand', () => {
  const { things } = open();
  press('Spot');
  tap([100, 100]);
  tap([200, 100]);
  expect(screen.getByText(`Marks of ${things()[1]?.id}`)).toBeTruthy();
  key(',');
  key('Delete');
  tap([300, 100]);
  expect(things()).toMatchObject([{ number: 2 }, { number: 3 }]);
});

test('puts things by keys alone and moves them', () => {
  const { things } = open();
  press('Spot');
  key('Enter');
  key('ArrowUp', { shiftKey: true });
  expect(things()).toMatchObject([{ kind: 'spot', x: 400, y: 545.5 }]);
});

test('leaves a locked thing where it is until it is unlocked', () => {
  const { things } = open();
  press('Spot');
  tap([100, 100]);
  press('Lock');
  press('Choose');
  pull([
    [100, 100],
    [150, 150],
  ]);
  key('Delete');
  expect(things()).toMatchObject([{ x: 100, y: 100, locked: true }]);
  tap([100, 100]);
  press('Unlock');
  pull([
    [100, 100],
    [150, 150],
  ]);
  expect(things()).toMatchObject([{ x: 150, y: 150, locked: false }]);
});

test('brings one thing above another', () => {
  const { things } = open();
  press('Spot');
  tap([100, 100]);
  tap([300, 100]);
  press('Back');
  expect(things()).toMatchObject([{ number: 2 }, { number: 1 }]);
});

test('does not rub out labels', () => {
  const { things } = open();
  press('Spot');
  tap([100, 100]);
  press('Eraser');
  pull([
    [80, 100],
    [120, 100],
  ]);
  expect(things()).toHaveLength(1);
});

test('shows over the picture what is written, tells it in words, and rings the spot that is named', () => {
  const spot = { id: 's1', kind: 'spot', locked: false, number: 1, x: 10, y: 10, words: 'Crest' } as const;
  const { container } = render(
    <MemoryRouter initialEntries={['/p/1#spot-s1']}>
      <LayerView layer={{ width: 800, height: 400, things: [spot] }} signs={{ s1: '#A23B2C' }} />
    </MemoryRouter>,
  );
  expect(screen.getByRole('img', { name: 'Written on it. Spot 1: Crest' })).toBeTruthy();
  expect([...container.querySelectorAll('circle')].map((one) => one.getAttribute('fill'))).toEqual([
    null,
    '#A23B2C',
  ]);
});
