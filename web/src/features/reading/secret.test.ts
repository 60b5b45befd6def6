import { expect, test } from 'vitest';
import { addressOfLink, daysAfter, newSecret } from './secret';

test('makes secrets of 32 letters that an address takes, each another one', () => {
  const secrets = Array.from({ length: 200 }, newSecret);
  expect(new Set(secrets).size).toBe(200);
  for (const secret of secrets) expect(secret).toMatch(/^[A-Za-z0-9_-]{32}$/);
  expect(addressOfLink('abc')).toBe(`${window.location.origin}/reading/abc/`);
});

test('counts days over the end of a month', () => {
  expect(daysAfter(new Date('2026-11-25T10:00:00Z'), 7)).toBe('2026-12-02');
});
