export type EvidenceKind = 'TYPED' | 'HANDWRITTEN' | 'PHOTO' | 'RECORDING' | 'REFLECTION' | 'ATTACHED';

/** An entry is called by what it is made of, evidence by what it shows. */
export const evidenceOf = (kind: string): EvidenceKind => EVIDENCE[kind] ?? (kind as EvidenceKind);

const EVIDENCE: Record<string, EvidenceKind> = {
  INK: 'HANDWRITTEN',
  CLIP: 'RECORDING',
  FILE: 'ATTACHED',
  LINK: 'ATTACHED',
  VIEW: 'ATTACHED',
};

export const KIND_NAMES: Record<EvidenceKind, string> = {
  TYPED: 'typed',
  HANDWRITTEN: 'handwritten',
  PHOTO: 'photo',
  RECORDING: 'recording',
  REFLECTION: 'reflection',
  ATTACHED: 'attached',
};

const PATHS: Record<EvidenceKind, string> = {
  TYPED: 'M1 2h12L7 13z',
  HANDWRITTEN: 'M1 2h12v5c0 4-2.7 6-6 6s-6-2-6-6z',
  PHOTO: 'M1.5 1.5h11v11h-11z',
  RECORDING: 'M2 1.5h2.4v11H2zM6.2 1.5c4 0 6.3 2.3 6.3 5.5s-2.300 5.500-6.300 5.500z',
  REFLECTION: 'M7 .8 13.200 7 7 13.200.8 7z',
  // A sheet laid slantwise on the card.
  ATTACHED: 'M4.600 1.500h8.900l-4.100 11h-8.900z',
};

/** The shape of a kind of evidence, read out by its name. */
export function Shape({ kind, size = 12, silent }: { kind: EvidenceKind; size?: number; silent?: boolean }) {
  return silent ? (
    <svg
      viewBox="0 0 14 14"
      width={size}
      height={size}
      className="inline-block shrink-0 fill-current"
      aria-hidden="true"
    >
      <path d={PATHS[kind]} />
    </svg>
  ) : (
    <svg
      viewBox="0 0 14 14"
      width={size}
      height={size}
      className="inline-block shrink-0 fill-current"
      role="img"
      aria-label={KIND_NAMES[kind]}
    >
      <path d={PATHS[kind]} />
    </svg>
  );
}
