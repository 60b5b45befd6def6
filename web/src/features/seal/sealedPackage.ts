import { ed25519 } from '@noble/curves/ed25519.js';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { unzipSync } from 'fflate';
import { type Finding, type Key, statementOf, whose } from './finding';

const MANIFEST = 'manifest-sha256.txt';
const SEAL = 'seal.json';
const NO_PACKAGE =
  'This is neither a package nor a PDF of a sealed version. Take the file that Notchbook gives on a version, as it came.';

/** Checks a package of a sealed version; worked out here, nothing is sent. */
export function checkPackage(file: Uint8Array, keys: readonly Key[]): Finding {
  const parts = opened(file);
  const manifest = parts?.get(MANIFEST);
  const seal = sealIn(parts?.get(SEAL));
  if (!parts || !manifest || !seal) return { kind: 'none', words: NO_PACKAGE };
  const said = statementOf(seal.statement);
  if (!seal.signature) return { kind: 'unsigned', said };
  const isListed = said.Manifest === `sha256 ${bytesToHex(sha256(manifest))}`;
  if (!isListed || !isSigned(seal)) return { kind: 'forged', said };
  const paths = changedPaths(new TextDecoder().decode(manifest), parts);
  if (paths.length > 0) return { kind: 'changed', said, paths };
  return { kind: 'whole', said, ...whose(fromBase64(seal.key), keys), parts: parts.size - 2 };
}

function opened(file: Uint8Array): Map<string, Uint8Array> | undefined {
  try {
    return new Map(Object.entries(unzipSync(file)).filter(([path]) => !path.endsWith('/')));
  } catch {
    return undefined;
  }
}

type Seal = { statement: string; signature: string; key: string };

function sealIn(content: Uint8Array | undefined): Seal | undefined {
  try {
    const seal = JSON.parse(new TextDecoder().decode(content)) as Seal;
    return typeof seal.statement === 'string' ? seal : undefined;
  } catch {
    return undefined;
  }
}

function isSigned({ statement, signature, key }: Seal): boolean {
  try {
    return ed25519.verify(fromBase64(signature), utf8ToBytes(statement), fromBase64(key));
  } catch {
    return false;
  }
}

const fromBase64 = (text: string) => Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));

function changedPaths(manifest: string, parts: ReadonlyMap<string, Uint8Array>): string[] {
  const sealed = new Map(
    manifest
      .split('\n')
      .filter((line) => line.includes('  '))
      .map((line): [string, string] => [line.slice(66), line.slice(0, 64)]),
  );
  const found = [...parts.keys()].filter((path) => path !== MANIFEST && path !== SEAL);
  return [...new Set([...sealed.keys(), ...found])]
    .filter((path) => {
      const part = parts.get(path);
      return !part || sealed.get(path) !== bytesToHex(sha256(part));
    })
    .sort();
}
