import { ed25519 } from '@noble/curves/ed25519.js';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { zipSync } from 'fflate';
import { expect, test } from 'vitest';
import type { Key } from './finding';
import { checkPackage } from './sealedPackage';

const base64 = (bytes: Uint8Array) => btoa(String.fromCharCode(...bytes));
const hash = (bytes: Uint8Array) => bytesToHex(sha256(bytes));
const secret = new Uint8Array(32).fill(7);
const ours: Key = { key: base64(ed25519.getPublicKey(secret)), fingerprint: 'ours' };

type Change = {
  parts?: Record<string, string>;
  /** The parts that the manifest tells of, where it tells of others. */
  listed?: Record<string, string>;
  statement?: (text: string) => string;
  /** Signs what is said after it was changed. */
  signer?: Uint8Array;
  isUnsigned?: boolean;
};

const PARTS = { 'cover.json': '{}', 'pages/001.json': '{"words":"one clap"}', 'media/a.jpg': 'picture' };

/** A package as the server makes it, with something changed. */
function packed({
  parts = PARTS,
  listed = parts,
  statement = (text) => text,
  signer = secret,
  isUnsigned,
}: Change) {
  const manifest = Object.entries(listed)
    .map(([path, content]) => `${hash(utf8ToBytes(content))}  ${path}\n`)
    .sort()
    .join('');
  const said = `Notchbook seal 1\nTitle: Echoes: sonar\nStudent: Marlo Quist\nVersion: 2\nManifest: sha256 ${hash(utf8ToBytes(manifest))}\n`;
  const seal = {
    statement: statement(said),
    signature: isUnsigned ? '' : base64(ed25519.sign(utf8ToBytes(said), signer)),
    key: isUnsigned ? '' : base64(ed25519.getPublicKey(signer)),
  };
  const files = { ...parts, 'manifest-sha256.txt': manifest, 'seal.json': JSON.stringify(seal) };
  return zipSync(
    Object.fromEntries(Object.entries(files).map(([path, content]) => [path, utf8ToBytes(content)])),
  );
}

test('tells what was sealed, by whom, and that nothing differs', () => {
  expect(checkPackage(packed({}), [ours])).toEqual({
    kind: 'whole',
    said: expect.objectContaining({ Title: 'Echoes: sonar', Student: 'Marlo Quist', Version: '2' }),
    fingerprint: 'ours',
    isOurs: true,
    parts: 3,
  });
});

test.each<[string, Change, string[]]>([
  [
    'a changed part',
    { parts: { ...PARTS, 'pages/001.json': '{"words":"two claps"}' }, listed: PARTS },
    ['pages/001.json'],
  ],
  [
    'a part that is gone',
    { parts: { 'cover.json': '{}' }, listed: PARTS },
    ['media/a.jpg', 'pages/001.json'],
  ],
  [
    'a part that was put in',
    { parts: { ...PARTS, 'pages/002.json': '{}' }, listed: PARTS },
    ['pages/002.json'],
  ],
])('names %s', (_, change, paths) => {
  expect(checkPackage(packed(change), [ours])).toMatchObject({ kind: 'changed', paths });
});

test('is not taken in by a statement that was changed', () => {
  const forged = packed({ statement: (text) => text.replace('Version: 2', 'Version: 3') });
  expect(checkPackage(forged, [ours])).toMatchObject({ kind: 'forged', said: { Version: '3' } });
});

test('says when another key signed it: parts, list and signature may all have been made anew', () => {
  const elsewhere = packed({ signer: new Uint8Array(32).fill(9) });
  expect(checkPackage(elsewhere, [ours])).toMatchObject({ kind: 'whole', isOurs: false });
});

test('says that an old version was never signed', () => {
  expect(checkPackage(packed({ isUnsigned: true }), [ours]).kind).toBe('unsigned');
});

test.each([
  ['a picture', utf8ToBytes('not a zip')],
  ['another ZIP file', zipSync({ 'a.txt': utf8ToBytes('a') })],
  ['nothing', new Uint8Array()],
])('says that %s is no package', (_, file) => {
  expect(checkPackage(file, [ours]).kind).toBe('none');
});
