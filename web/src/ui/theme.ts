export const THEMES = ['light', 'dark', 'contrast'] as const;
export type Theme = (typeof THEMES)[number];

const KEPT = 'notchbook.theme';

/** The theme that was chosen on this device, else what the device itself prefers. */
export function currentTheme(): Theme {
  const chosen = localStorage.getItem(KEPT) as Theme | null;
  if (chosen && THEMES.includes(chosen)) return chosen;
  if (matchMedia('(prefers-contrast: more)').matches) return 'contrast';
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

export function applyTheme(theme: Theme) {
  document.documentElement.dataset.theme = theme;
}

export function chooseTheme(theme: Theme) {
  localStorage.setItem(KEPT, theme);
  applyTheme(theme);
}
