import { expect, test } from 'vitest';
import { entryKindOf, fileKind, isText } from './fileKind';

test.each([
  ['tides.pdf', 'application/pdf', 'PDF'],
  ['tides.pdf', 'text/plain', 'TXT'],
  ['slides.pptx', 'application/octet-stream', 'PPTX'],
  ['slides', undefined, 'FILE'],
  ['a.verylong', '', 'FILE'],
])('%s of %s is %s', (name, type, kind) => {
  expect(fileKind(name, type)).toBe(kind);
});

test('only documents and tables become text', () => {
  expect(isText('text/csv')).toBe(true);
  expect(isText('application/pdf')).toBe(false);
  expect(isText('application/octet-stream')).toBe(false);
});

test.each([
  ['image/png', 'PHOTO'],
  ['image/svg+xml', 'FILE'],
  ['audio/mpeg', 'RECORDING'],
  ['video/mp4', 'CLIP'],
  ['video/x-msvideo', 'FILE'],
  ['', 'FILE'],
])('%s comes in as %s', (type, kind) => {
  expect(entryKindOf(new Blob([], { type }))).toBe(kind);
});
