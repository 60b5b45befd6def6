import { expect, test } from 'vitest';
import { copyAddress, PLAIN } from './copyForms';

test.each([
  [{}, '/api/sections/s1/pdf?paper=A4&sounds=LISTED'],
  [
    { paper: 'LETTER', sounds: 'ATTACHED', isBook: true, isTwoUp: true },
    '/api/sections/s1/pdf?paper=LETTER&sounds=ATTACHED&book=true&twoUp=true',
  ],
  [{ form: 'EPUB', isBook: true }, '/api/sections/s1/copy?form=EPUB'],
  [{ form: 'WEB' }, '/api/sections/s1/copy?form=WEB'],
] as const)('asks for %j', (wish, address) => {
  expect(copyAddress('/api/sections/s1', { ...PLAIN, ...wish })).toBe(address);
});
