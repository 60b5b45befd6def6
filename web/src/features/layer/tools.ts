/** What a hand does on a surface. Labels, callouts, boxes and spots are for pictures. */
export type Tool = 'pen' | 'highlighter' | 'eraser' | 'select' | 'label' | 'callout' | 'box' | 'spot';
export type DrawTool = 'pen' | 'highlighter';

/** What a tool draws with; each remembers its own. */
export type Look = { colour: string; width: number };
export type Eraser = { isByArea: boolean; radius: number };
export type Tools = {
  tool: Tool;
  pen: Look;
  highlighter: Look;
  eraser: Eraser;
  words: { colour: string; size: number };
};

export const DRAWING: Tool[] = ['pen', 'highlighter', 'eraser', 'select'];
export const ON_PICTURES: Tool[] = [...DRAWING, 'label', 'callout', 'box', 'spot'];

export const TOOL_NAMES: Record<Tool, string> = {
  pen: 'Pen',
  highlighter: 'Highlighter',
  eraser: 'Eraser',
  select: 'Choose',
  label: 'Label',
  callout: 'Callout',
  box: 'Box',
  spot: 'Spot',
};

const INKS = [
  ['#17262D', 'Ink'],
  ['#0E5A66', 'Petrol'],
  ['#A23B2C', 'Rust'],
  ['#41702F', 'Moss'],
] as const;

export const COLOURS = {
  pen: INKS,
  highlighter: [
    ['#FFD27A', 'Yellow'],
    ['#A9D18E', 'Green'],
    ['#9CC7E4', 'Blue'],
    ['#EFA9B0', 'Rose'],
  ],
  // On a dark photo words are read in white.
  words: [...INKS, ['#FFFFFF', 'White']],
} as const;

/** In px of the drawing: at full pressure, an eraser's radius, the height of letters. */
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
  eraser: [
    [5, 'Small eraser'],
    [10, 'Medium eraser'],
    [24, 'Large eraser'],
  ],
  words: [
    [15, 'Small letters'],
    [20, 'Medium letters'],
    [30, 'Large letters'],
  ],
} as const;

const AT_FIRST: Tools = {
  tool: 'pen',
  pen: { colour: '#17262D', width: 4.5 },
  highlighter: { colour: '#FFD27A', width: 22 },
  eraser: { isByArea: false, radius: 10 },
  words: { colour: '#A23B2C', size: 20 },
};
const KEY = 'notchbook.ink';

/** The tools as they were left on this device; a surface without the tool at hand begins with the pen. */
export function keptTools(offered: readonly Tool[]): Tools {
  try {
    const kept: Tools = { ...AT_FIRST, ...JSON.parse(localStorage.getItem(KEY) ?? '{}') };
    return offered.includes(kept.tool) ? kept : { ...kept, tool: 'pen' };
  } catch {
    return AT_FIRST;
  }
}

export function keepTools(tools: Tools): Tools {
  localStorage.setItem(KEY, JSON.stringify(tools));
  return tools;
}

const PEN_SEEN = 'notchbook.pen';

/** Once a pen has been used on this device, fingers scroll and do not draw. */
export const isPenKnown = () => localStorage.getItem(PEN_SEEN) !== null;
export const notePen = () => localStorage.setItem(PEN_SEEN, '');
