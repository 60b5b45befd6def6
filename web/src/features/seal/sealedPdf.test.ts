import { expect, test } from 'vitest';
import { checkSeal } from './checkSeal';
import type { Key } from './finding';
import dataUrl from './sealed.pdf?inline';

/** Signed by the server's own code, with a key that was made for this file. */
const PDF = Uint8Array.from(atob(dataUrl.slice(dataUrl.indexOf(',') + 1)), (sign) => sign.charCodeAt(0));
const KEY: Key = { key: 'f7eOkwvOcVGLR82Mq/b9pcaDUjjkI/CuXfwNWqI/VdM=', fingerprint: 'ours' };

const text = new TextDecoder('latin1').decode(PDF);
const bytes = (latin1: string) => Uint8Array.from(latin1, (sign) => sign.charCodeAt(0));
/** The file with some of its text replaced by as much other text. */
const changed = (from: string | RegExp, to: string) => bytes(text.replace(from, to));

test('tells what was sealed, by whom, and that nothing differs', () => {
  expect(checkSeal(PDF, [KEY])).toEqual({
    kind: 'whole',
    said: expect.objectContaining({ Title: 'Echoes: sonar', Student: 'Marlo Quist', Version: '2' }),
    fingerprint: 'ours',
    isOurs: true,
    parts: 1,
  });
});

test('says when another key signed it', () => {
  expect(checkSeal(PDF, [])).toMatchObject({ kind: 'whole', isOurs: false });
});

test.each([
  ['a byte of a page differs', changed('/MediaBox [0.0 0.0 612', '/MediaBox [0.0 0.0 613')],
  ['something was put behind it', bytes(`${text}9 0 obj\n<< >>\nendobj\n`)],
  ['it was cut off', PDF.slice(0, -9)],
  ['the signature is said to cover less', changed(/\/ByteRange \[0 (\d)/, '/ByteRange [1 $1')],
])('says that the seal is broken when %s', (_, file) => {
  expect(checkSeal(file, [KEY])).toMatchObject({ kind: 'changed', said: { Student: 'Marlo Quist' } });
});

/** "Marlo" and "Marla" in hexadecimal digits, as they stand in the signature. */
test('is not taken in by a name that was changed in the signature', () => {
  const forged = checkSeal(changed(/4d61726c6f/i, '4d61726c61'), [KEY]);
  expect(forged).toMatchObject({ kind: 'forged', said: { Student: 'Marla Quist' } });
});

test.each([
  ['one without a signature', bytes(text.replaceAll('ByteRange', 'BiteRange'))],
  ['one with another kind of signature', changed(/<30[\da-f]{8}/i, '<3003020101')],
  ['one whose signature is no number', changed(/<30/, '<zz')],
  ['an empty one', bytes('%PDF-1.7')],
])('says that a PDF carries no seal: %s', (_, file) => {
  expect(checkSeal(file, [KEY])).toMatchObject({
    kind: 'none',
    words: expect.stringMatching(/carries no seal/),
  });
});
