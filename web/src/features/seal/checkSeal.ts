import type { Finding, Key } from './finding';
import { checkPackage } from './sealedPackage';
import { checkPdf } from './sealedPdf';

const PDF_HEAD = '%PDF-';

/** Checks the seal of a file that Notchbook gave: a package, or a PDF. */
export function checkSeal(file: Uint8Array, keys: readonly Key[]): Finding {
  const head = new TextDecoder('latin1').decode(file.subarray(0, PDF_HEAD.length));
  return head === PDF_HEAD ? checkPdf(file, keys) : checkPackage(file, keys);
}
