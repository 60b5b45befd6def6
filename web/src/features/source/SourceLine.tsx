import type { Api } from '../../api';
import { saidOf, TRUST_NAMES } from './sourceWords';

/** Who made it, where it stands, when, and how far it is trusted. */
export function SourceLine({ source }: { source: Api['Source'] }) {
  const said = saidOf(source);
  if (!said && !source.trust) return null;
  return (
    <p className="text-[13px] text-soft">
      {said}
      {source.trust && (
        <span className="text-ink">
          {said && ' · '}trusted {TRUST_NAMES[source.trust]}
        </span>
      )}
    </p>
  );
}
