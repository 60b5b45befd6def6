export type InkTool = 'pen' | 'highlighter' | 'eraser';

/** What a tool draws with; each remembers its own. */
export type InkLook = { colour: string; width: number };
export type InkTools = { tool: InkTool; pen: InkLook; highlighter: InkLook };

export const COLOURS = {
  pen: [
    ['#17262D', 'Ink'],
    ['#0E5A66', 'Petrol'],
    ['#A23B2C', 'Rust'],
    ['#41702F', 'Moss'],
  ],
  highlighter: [
    ['#FFD27A', 'Yellow'],
    ['#A9D18E', 'Green'],
    ['#9CC7E4', 'Blue'],
    ['#EFA9B0', 'Rose'],
  ],
} as const;

/** In px of the drawing at full pressure. */
export const WIDTHS = {
  pen: [
    [2.5, 'Fine'],
    [4.5, 'Medium'],
    [9, 'Thick'],
  ],
  highlighter: [
    [12, 'Fine'],
    [22, 'Medium'],
    [36, 'Thick'],
  ],
} as const;

const AT_FIRST: InkTools = {
  tool: 'pen',
  pen: { colour: '#17262D', width: 4.5 },
  highlighter: { colour: '#FFD27A', width: 22 },
};
const KEY = 'notchbook.ink';

/** The tools as they were left on this device. */
export function keptTools(): InkTools {
  try {
    return { ...AT_FIRST, ...JSON.parse(localStorage.getItem(KEY) ?? '{}') };
  } catch {
    return AT_FIRST;
  }
}

export function keepTools(tools: InkTools): InkTools {
  localStorage.setItem(KEY, JSON.stringify(tools));
  return tools;
}

const PEN_SEEN = 'notchbook.pen';

/** Once a pen has been used on this device, fingers scroll and do not draw. */
export const isPenKnown = () => localStorage.getItem(PEN_SEEN) !== null;
export const notePen = () => localStorage.setItem(PEN_SEEN, '');
