import type { Api } from '../../api';
import { Card } from '../../ui';

/** What changed between two pieces, each figure with how it came about. */
export function Changes({ changes }: { changes: Api['Change'][] }) {
  return (
    <Card title="What changed" className="mb-3">
      {changes.length === 0 ? (
        <p className="text-soft">
          Nothing here can be counted yet. Notch both pieces, and what they cover is told from one to the
          other.
        </p>
      ) : (
        <dl className="grid gap-x-6 gap-y-4 sm:grid-cols-2 lg:grid-cols-3 2xl:grid-cols-4">
          {changes.map((change) => (
            <Figure key={change.what} change={change} />
          ))}
        </dl>
      )}
    </Card>
  );
}

function Figure({ change: { what, earlier, later, why } }: { change: Api['Change'] }) {
  return (
    <div className="flex flex-col border-t-2 border-ink pt-1.5">
      <dt className="order-2">{what}</dt>
      <dd className="order-1 font-head text-[26px] leading-tight font-bold">
        <Sides earlier={earlier} later={later} />
      </dd>
      {why.length > 0 && (
        <dd className="order-3 mt-0.5 text-[13px] leading-snug text-soft">
          {why.map((line) => (
            <span key={line} className="block">
              {line}
            </span>
          ))}
        </dd>
      )}
    </div>
  );
}

/** What was known on both days, or on which of them. */
function Sides({ earlier, later }: Pick<Api['Change'], 'earlier' | 'later'>) {
  const when = (words: string) => (
    <span className="font-text text-[14px] font-normal text-soft">{words}</span>
  );
  if (earlier === undefined)
    return (
      <>
        {later} {when('now')}
      </>
    );
  if (later === undefined)
    return (
      <>
        {earlier} {when('then')}
      </>
    );
  return earlier === later ? (
    later
  ) : (
    <>
      {earlier} <span aria-hidden="true">→</span>
      <span className="sr-only"> then </span> {later}
    </>
  );
}
