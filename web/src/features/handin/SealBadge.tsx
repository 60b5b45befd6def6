import type { Api } from '../../api';
import { moment } from '../../ui';

/** When a version was sealed, and whether its seal holds. */
export function SealBadge({ version }: { version: Api['SealedView'] }) {
  const { seal } = version;
  return (
    <>
      <span className="rounded-full bg-petrol-wash px-3 py-0.5 text-[13px]">
        sealed {moment(version.sealedAt)}
      </span>
      <span
        className={`rounded-full px-3 py-0.5 text-[13px] ${seal.holds ? 'bg-added' : 'bg-gone font-bold'}`}
        title={`${seal.parts} parts, SHA-256 ${seal.digest}${seal.fingerprint ? `, signed with the key ${seal.fingerprint}` : ''}`}
      >
        {seal.holds ? 'seal holds' : `seal is broken: ${seal.broken.join(', ')}`}
      </span>
    </>
  );
}
