import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { aspectsOf, type Item, valuesOf } from './details';

type Told = {
  thing: Item;
  aspects: string[][];
  cases: { of: Partial<Item>; has: Record<string, string[]> }[];
};

/** The table that the server is held to as well, so that a sheet says the same as the screen. */
const { thing, aspects, cases }: Told = JSON.parse(
  readFileSync('../app/src/test/resources/notchbook/app/view/aspects.json', 'utf8'),
);

test.each(cases)('tells a thing with $of apart', ({ of, has }) => {
  const item = { ...thing, ...of };
  expect(Object.fromEntries(Object.keys(has).map((key) => [key, valuesOf(item, key)]))).toEqual(has);
});

test('calls the aspects the same', () => {
  expect(aspectsOf([]).map(({ key, name, scale }) => [key, name, scale])).toEqual(aspects);
});
