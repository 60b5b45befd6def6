import {
  BitString,
  Constructed,
  fromBER,
  ObjectIdentifier,
  OctetString,
  Sequence,
  Set as SetOf,
  Utf8String,
} from 'asn1js';

/** A detached signature (RFC 5652): what was signed of it, by which key, and the text and digest among that. */
export type CmsSignature = {
  signature: Uint8Array;
  /** The signed attributes as they were signed. */
  attributes: Uint8Array;
  /** 32 bytes of an Ed25519 key. */
  key: Uint8Array;
  /** The SHA-512 of what was signed. */
  digest: Uint8Array;
  /** The text of the seal. */
  says: string;
};

const ED25519 = '1.3.101.112';
const MESSAGE_DIGEST = '1.2.840.113549.1.9.4';
const CONTENT_HINTS = '1.2.840.113549.1.9.16.2.4';
const DER_SET = 0x31;

type Node = ReturnType<typeof fromBER>['result'];

/** Reads a signature with one signer; `undefined` for bytes that are none with a seal in it. */
export function cmsSignature(der: Uint8Array): CmsSignature | undefined {
  const { result, offset } = fromBER(der);
  if (offset < 0) return undefined;
  const signed = partsOf(partsOf(result)[1])[0];
  const signer = partsOf(
    partsOf(signed)
      .filter((part) => part instanceof SetOf)
      .at(-1),
  )[0];
  const attributes = partsOf(signer).find((part) => isTagged(part, 0));
  const signature = partsOf(signer).find((part) => part instanceof OctetString);
  const certificates = partsOf(signed).find((part) => isTagged(part, 0));
  const key = certificates && keyIn(certificates);
  const digest = attributes && firstValue(attributes, MESSAGE_DIGEST);
  const hints = attributes && firstValue(attributes, CONTENT_HINTS);
  const says = partsOf(hints).find((part) => part instanceof Utf8String);
  if (!attributes || !signature || !key || !(digest instanceof OctetString) || !says) return undefined;
  return {
    signature: signature.valueBlock.valueHexView,
    attributes: asSet(attributes),
    key,
    digest: digest.valueBlock.valueHexView,
    says: says.valueBlock.value,
  };
}

function partsOf(node: Node | undefined): Node[] {
  const isMade = node instanceof Constructed || node instanceof Sequence || node instanceof SetOf;
  return isMade ? (node.valueBlock.value as Node[]) : [];
}

const isTagged = (node: Node, tag: number) =>
  node instanceof Constructed && node.idBlock.tagClass === 3 && node.idBlock.tagNumber === tag;

/** What is signed is the set of attributes, not the tagged field that it stands in (RFC 5652, 5.4). */
function asSet(attributes: Node): Uint8Array {
  const bytes = Uint8Array.from(attributes.valueBeforeDecodeView);
  bytes[0] = DER_SET;
  return bytes;
}

const isCalled = (node: Node | undefined, id: string) =>
  node instanceof ObjectIdentifier && node.valueBlock.toString() === id;

/** The first value of an attribute. */
function firstValue(attributes: Node, id: string): Node | undefined {
  const found = partsOf(attributes).find((attribute) => isCalled(partsOf(attribute)[0], id));
  return partsOf(partsOf(found)[1])[0];
}

/** The key of a certificate: the bits that stand beside the name of its kind. */
function keyIn(node: Node): Uint8Array | undefined {
  const [kind, bits] = partsOf(node);
  if (
    isCalled(partsOf(kind)[0], ED25519) &&
    bits instanceof BitString &&
    bits.valueBlock.valueHexView.length === 32
  )
    return bits.valueBlock.valueHexView;
  for (const part of partsOf(node)) {
    const key = keyIn(part);
    if (key) return key;
  }
  return undefined;
}
