import { beforeEach, expect, test } from 'vitest';
import { chooseReading, keptReading } from './reading';

beforeEach(() => localStorage.clear());

test('keeps how a reader wants text on this device and applies it at once', () => {
  chooseReading({ sizePx: 20, leading: 1.8, font: 'serif' });
  expect(keptReading()).toEqual({ sizePx: 20, leading: 1.8, font: 'serif' });
  const { style } = document.documentElement;
  expect(style.getPropertyValue('--reading-size')).toBe('20px');
  expect(style.getPropertyValue('--reading-font')).toContain('Literata');
});

test.each(['{', 'null', '{"sizePx":400,"leading":"x","font":"url(evil)"}'])(
  'falls back to the usual where what was kept is none: %s',
  (kept) => {
    localStorage.setItem('notchbook.reading', kept);
    expect(keptReading()).toEqual({ sizePx: 15, leading: 1.5, font: 'hyperlegible' });
  },
);
