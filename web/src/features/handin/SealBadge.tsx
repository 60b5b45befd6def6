import { useQuery } from '@tanstack/react-query';
import type { Api } from '../../api';
import { moment } from '../../ui';
import { sealQuery } from './queries';

/** When a version was sealed, and whether its seal holds: every byte is read for that, so it is said a little later. */
export function SealBadge({ version }: { version: Api['SealedView'] }) {
  const seal = useQuery(sealQuery(version.id)).data;
  return (
    <>
      <span className="rounded-full bg-petrol-wash px-3 py-0.5 text-[13px]">
        sealed {moment(version.sealedAt)}
      </span>
      <span
        className={`rounded-full px-3 py-0.5 text-[13px] ${seal ? (seal.holds ? 'bg-added' : 'bg-gone font-bold') : 'text-soft'}`}
        title={
          seal &&
          `${seal.parts} parts, SHA-256 ${seal.digest}${seal.fingerprint ? `, signed with the key ${seal.fingerprint}` : ''}`
        }
      >
        {seal
          ? seal.holds
            ? seal.isElsewhere
              ? 'seal of another Notchbook holds'
              : 'seal holds'
            : `seal is broken: ${seal.broken.join(', ')}`
          : 'looking at the seal'}
      </span>
    </>
  );
}
