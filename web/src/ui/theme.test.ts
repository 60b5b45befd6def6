import { beforeEach, expect, test, vi } from 'vitest';
import { applyTheme, chooseTheme, currentTheme } from './theme';

const prefers = (...queries: string[]) =>
  vi.stubGlobal('matchMedia', (query: string) => ({ matches: queries.some((one) => query.includes(one)) }));

beforeEach(() => prefers());

test.each([
  [[], 'light'],
  [['color-scheme: dark'], 'dark'],
  [['contrast: more'], 'contrast'],
  [['color-scheme: dark', 'contrast: more'], 'contrast'],
])('follows the device: %s', (queries, theme) => {
  prefers(...queries);
  expect(currentTheme()).toBe(theme);
});

test('remembers what was chosen, whatever the device prefers', () => {
  prefers('color-scheme: dark');
  chooseTheme('light');
  expect(currentTheme()).toBe('light');
  expect(document.documentElement.dataset.theme).toBe('light');
});

test('falls back to the device when what is kept is no theme', () => {
  localStorage.setItem('notchbook.theme', 'sepia');
  expect(currentTheme()).toBe('light');
  applyTheme('dark');
  expect(document.documentElement.dataset.theme).toBe('dark');
});
