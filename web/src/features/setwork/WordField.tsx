import { useId } from 'react';
import { plural } from '../../ui';

/** A word about a change, for those who have begun; nobody else hears it. */
export function WordField({ begun }: { begun: number }) {
  const id = useId();
  if (begun === 0) return <p className="mb-3 text-[13px] text-soft">Nobody has begun it yet.</p>;
  return (
    <div className="mb-3">
      <label htmlFor={id} className="mb-1 block font-semibold">
        A word to those who have begun
      </label>
      <textarea
        id={id}
        name="word"
        rows={2}
        maxLength={2000}
        className="w-full rounded-md border border-line bg-card p-2"
      />
      <p className="text-[13px] text-soft">
        {plural(begun, 'student')}. It stands in their week until they have read it.
      </p>
    </div>
  );
}
