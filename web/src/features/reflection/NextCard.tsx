import { useId } from 'react';
import { Card } from '../../ui';

/** What a sheet means to do; the next one asks about it. */
export function NextCard({ next, onChange }: { next: string; onChange: (next: string) => void }) {
  const id = useId();
  return (
    <Card className="mb-3 border-l-4 border-transparent">
      <label htmlFor={id} className="font-head text-[16px] font-bold">
        What do you mean to do next week?
      </label>
      <textarea
        id={id}
        value={next}
        rows={Math.max(1, Math.ceil(next.length / 95))}
        maxLength={500}
        placeholder="One thing. Your next sheet asks you about it."
        className="mt-1.5 block field-sizing-content w-full resize-y bg-card text-[15px] leading-normal placeholder:text-soft"
        onChange={(event) => onChange(event.target.value)}
      />
    </Card>
  );
}
