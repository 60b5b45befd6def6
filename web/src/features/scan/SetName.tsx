import { useState } from 'react';

/** What the set is called; it becomes the caption of its entry. */
export function SetName({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <label className="mb-2 block font-semibold">
      Name of the set
      <input
        className="mt-0.5 block w-full rounded-md border border-line bg-card px-2 py-1.5 font-normal"
        value={typed}
        maxLength={500}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== name && onName(typed)}
      />
    </label>
  );
}
