import type { OwnMark } from './queries';

/** The shapes of a student's own marks, in a square of 14. */
export const SHAPES: Record<OwnMark['shape'], { name: string; path: string }> = {
  RING: {
    name: 'ring',
    path: 'M7 2a5 5 0 1 0 0 10A5 5 0 0 0 7 2Zm0 2.600a2.400 2.400 0 1 1 0 4.800 2.400 2.400 0 0 1 0-4.800Z',
  },
  CROSS: { name: 'cross', path: 'M5.500 1.500h3v4h4v3h-4v4h-3v-4h-4v-3h4z' },
  BARS: { name: 'bars', path: 'M2 2h2.400v10H2zM5.800 5h2.400v7H5.800zM9.600 3.500H12V12H9.600z' },
  ARROW: { name: 'arrow', path: 'M1.500 5.600h6V2.500l5 4.500-5 4.500V8.400h-6z' },
  PEAK: { name: 'peak', path: 'M1 12 5 4l2.200 4L9.500 2 13 12z' },
  STEP: { name: 'step', path: 'M1.500 12.500v-4h3.700v-3.500h3.600V1.500h3.700v11z' },
};

/** What stands in the sign of a mark that everybody has; a task is a box to tick. */
export const LETTERS = { KEY: 'K', QUESTION: '?', TASK: '', OWN: '' } as const;
