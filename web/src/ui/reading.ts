/** How a reader wants text: the same for every page, so that no paragraph carries it. */
export type Reading = { sizePx: number; leading: number; font: 'hyperlegible' | 'serif' };

export const SIZES_PX = [13, 15, 17, 20, 24];
export const LEADINGS = { 1.35: 'Close', 1.5: 'Usual', 1.8: 'Wide' } as const;
export const FONTS: Record<Reading['font'], { name: string; family: string }> = {
  hyperlegible: {
    name: 'Atkinson Hyperlegible',
    family: '"Atkinson Hyperlegible Next Variable", sans-serif',
  },
  serif: { name: 'Literata', family: '"Literata Variable", serif' },
};

const USUAL: Reading = { sizePx: 15, leading: 1.5, font: 'hyperlegible' };
const KEPT = 'notchbook.reading';

/** What was chosen on this device, else the usual. */
export function keptReading(): Reading {
  try {
    const kept: Partial<Reading> = JSON.parse(localStorage.getItem(KEPT) ?? '{}');
    return {
      sizePx: SIZES_PX.includes(kept.sizePx ?? 0) ? Number(kept.sizePx) : USUAL.sizePx,
      leading: Object.keys(LEADINGS).includes(String(kept.leading)) ? Number(kept.leading) : USUAL.leading,
      font: kept.font && kept.font in FONTS ? kept.font : USUAL.font,
    };
  } catch {
    return USUAL;
  }
}

export function applyReading({ sizePx, leading, font }: Reading) {
  const { style } = document.documentElement;
  style.setProperty('--reading-size', `${sizePx}px`);
  style.setProperty('--reading-leading', String(leading));
  style.setProperty('--reading-font', FONTS[font].family);
}

export function chooseReading(reading: Reading) {
  localStorage.setItem(KEPT, JSON.stringify(reading));
  applyReading(reading);
}
