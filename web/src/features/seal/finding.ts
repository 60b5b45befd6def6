import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

/** A key of an installation: 32 bytes in base64, and what it is known by. */
export type Key = { key: string; fingerprint: string };

/** What a seal says, a value each by its name. */
export type Statement = Record<string, string>;

/** What is found of a file that was dropped. */
export type Finding =
  /** Every byte is as it was sealed; `isOurs` when it was this installation that signed it. */
  | { kind: 'whole'; said: Statement; fingerprint: string; isOurs: boolean; parts: number }
  /** Parts that are other than they were, that are gone, or that were put in; none are told apart in a PDF. */
  | { kind: 'changed'; said: Statement; paths: string[] }
  /** What the seal says, or the list of parts, was changed after it was signed. */
  | { kind: 'forged'; said: Statement }
  /** A version from before seals were signed. */
  | { kind: 'unsigned'; said: Statement }
  | { kind: 'none'; words: string };

/** The lines "name: value" below the first. */
export const statementOf = (text: string): Statement =>
  Object.fromEntries(
    text
      .split('\n')
      .slice(1)
      .filter((line) => line.includes(': '))
      .map((line) => [line.slice(0, line.indexOf(': ')), line.slice(line.indexOf(': ') + 2)]),
  );

/** Whose key it is: this installation's, or another's. */
export function whose(key: Uint8Array, keys: readonly Key[]) {
  const known = keys.find((one) => one.key === toBase64(key));
  return { fingerprint: known?.fingerprint ?? bytesToHex(sha256(key)).slice(0, 16), isOurs: !!known };
}

const toBase64 = (bytes: Uint8Array) => btoa(String.fromCharCode(...bytes));
