import { type Choice, isOpen, stateOf } from './choices';
import type { Mark } from './queries';
import { LETTERS, SHAPES } from './shapes';

/** The sign of a mark within a text, which is not React's: pressing it opens the mark. */
export function signElement(mark: Mark, choice: Choice, onOpen: () => void): HTMLElement {
  const sign = document.createElement('button');
  const isSettled = stateOf(mark) !== '' && !isOpen(mark);
  sign.type = 'button';
  sign.contentEditable = 'false';
  sign.className = `mark-sign mark-${mark.kind.toLowerCase()} ${isSettled ? 'mark-settled' : ''}`;
  sign.setAttribute('aria-label', `${choice.name}${stateOf(mark) && `, ${stateOf(mark)}`}`);
  if (choice.own) sign.append(shape(SHAPES[choice.own.shape].path));
  else sign.textContent = mark.kind === 'TASK' && isSettled ? '✓' : LETTERS[mark.kind];
  sign.addEventListener('mousedown', (event) => event.preventDefault());
  sign.addEventListener('click', onOpen);
  return sign;
}

function shape(path: string): SVGElement {
  const space = 'http://www.w3.org/2000/svg';
  const svg = document.createElementNS(space, 'svg');
  svg.setAttribute('viewBox', '0 0 14 14');
  const drawn = document.createElementNS(space, 'path');
  drawn.setAttribute('d', path);
  svg.append(drawn);
  return svg;
}
