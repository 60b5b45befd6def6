import type { CSSProperties } from 'react';
import type { Api } from '../../api';

export type Paper = Api['Paper'];

/** The lines of a page's paper are drawn by the style sheet; here is how far apart they stand. */
export const paperStyle = (paper: Paper) => ({ '--spacing-mm': `${paper.spacingMm}mm` }) as CSSProperties;

export const LINES: Record<Paper['lines'], string> = {
  PLAIN: 'Plain',
  RULED: 'Ruled',
  SQUARED: 'Squared',
  DOTTED: 'Dotted',
};
export const TINTS: Record<Paper['tint'], string> = {
  WHITE: 'White',
  STRAW: 'Straw',
  SAGE: 'Sage',
  MIST: 'Mist',
};
