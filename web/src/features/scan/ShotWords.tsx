import { useState } from 'react';
import type { Api } from '../../api';

type Props = { shot: Api['ShotView']; onKeep: (words: { name: string; gist: string }) => void };

const BOX = 'mt-0.5 block min-h-8 w-full rounded-md border border-line bg-card px-2 py-1 font-normal';

/** The page's name, and its gist: by it handwriting is found. */
export function ShotWords({ shot, onKeep }: Props) {
  const [name, setName] = useState(shot.name);
  const [gist, setGist] = useState(shot.gist);
  const keep = () => (name !== shot.name || gist !== shot.gist) && onKeep({ name, gist });
  return (
    <div className="mt-3 grid gap-3 sm:grid-cols-[1fr_2fr]">
      <label className="block font-semibold">
        Name of the page
        <input
          className={BOX}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          onBlur={keep}
        />
      </label>
      <label className="block font-semibold">
        Gist, to find handwriting by
        <input
          className={BOX}
          value={gist}
          maxLength={2000}
          onChange={(event) => setGist(event.target.value)}
          onBlur={keep}
        />
      </label>
    </div>
  );
}
