import { fireEvent, screen } from '@testing-library/react';

type Hand = {
  pointerType?: 'pen' | 'touch' | 'mouse';
  pressure?: number;
  shiftKey?: boolean;
  buttons?: number;
  tiltX?: number;
};

const surface = () => screen.getByLabelText('Drawing surface');

function send(type: string, [x, y]: [number, number], hand: Hand) {
  const { pointerType = 'pen', pressure = 0.8, shiftKey = false, buttons = 1, tiltX = 0 } = hand;
  const event = new MouseEvent(type, { bubbles: true, clientX: x, clientY: y, button: 0, buttons, shiftKey });
  fireEvent(surface(), Object.assign(event, { pointerType, pressure, pointerId: 1, tiltX, tiltY: 0 }));
}

/** Goes with the pen from place to place and lets go; in the tests a px of the screen is one of the drawing. */
export function pull(places: [number, number][], hand: Hand = {}) {
  pen.down(places[0] ?? [0, 0], hand);
  for (const place of places.slice(1)) pen.to(place, hand);
  pen.up(places.at(-1) ?? [0, 0], hand);
}

export const pen = {
  down: (place: [number, number], hand: Hand = {}) => send('pointerdown', place, hand),
  to: (place: [number, number], hand: Hand = {}) => send('pointermove', place, hand),
  up: (place: [number, number], hand: Hand = {}) => send('pointerup', place, hand),
};

export const tap = (place: [number, number], hand: Hand = {}) => pull([place], hand);
export const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
export const key = (name: string, more: { ctrlKey?: boolean; shiftKey?: boolean } = {}) =>
  fireEvent.keyDown(surface(), { key: name, ...more });
