import { ed25519 } from '@noble/curves/ed25519.js';
import { sha512 } from '@noble/hashes/sha2.js';
import { bytesToHex, concatBytes, hexToBytes } from '@noble/hashes/utils.js';
import { type CmsSignature, cmsSignature } from './cmsSignature';
import { type Finding, type Key, statementOf, whose } from './finding';

const NO_SEAL =
  'This PDF carries no seal. Take the PDF that Notchbook gives on a version, as it came; one that was printed or saved anew has lost its seal.';

/** Where the signature lies: all of the file but what is between these two is signed. */
type Gap = { from: number; to: number; isAllTheRest: boolean };

/** Checks the seal that a PDF of a sealed version carries; worked out here, nothing is sent. */
export function checkPdf(file: Uint8Array, keys: readonly Key[]): Finding {
  const gap = gapIn(file);
  const signature = gap && signatureIn(file.subarray(gap.from, gap.to));
  if (!gap || !signature) return { kind: 'none', words: NO_SEAL };
  const said = statementOf(signature.says);
  if (!isSigned(signature)) return { kind: 'forged', said };
  const digest = sha512(concatBytes(file.subarray(0, gap.from), file.subarray(gap.to)));
  if (!gap.isAllTheRest || bytesToHex(digest) !== bytesToHex(signature.digest))
    return { kind: 'changed', said, paths: [] };
  return { kind: 'whole', said, ...whose(signature.key, keys), parts: 1 };
}

const RANGE = /\/ByteRange\s*\[\s*(\d+)\s+(\d+)\s+(\d+)\s+(\d+)\s*\]/g;

/** The last signature: what was put behind it is no longer all that was signed. */
function gapIn(file: Uint8Array): Gap | undefined {
  const found = [...new TextDecoder('latin1').decode(file).matchAll(RANGE)].at(-1);
  if (!found) return undefined;
  const [start = 0, before = 0, from = 0, after = 0] = found.slice(1).map(Number);
  const isAllTheRest = start === 0 && from + after === file.length;
  return before < from && from <= file.length ? { from: before, to: from, isAllTheRest } : undefined;
}

/** "<3082…>" in hexadecimal digits, filled up with zeros. */
function signatureIn(gap: Uint8Array): CmsSignature | undefined {
  const hex = /^<([0-9a-fA-F]+)>$/.exec(new TextDecoder('latin1').decode(gap))?.[1];
  return hex && hex.length % 2 === 0 ? cmsSignature(hexToBytes(hex)) : undefined;
}

function isSigned({ signature, attributes, key }: CmsSignature): boolean {
  try {
    return ed25519.verify(signature, attributes, key);
  } catch {
    return false;
  }
}
