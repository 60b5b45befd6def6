import { useRef } from 'react';

type Acts = Record<string, ((...args: never[]) => unknown) | undefined>;

/** The same functions at every rendering, each doing what its newest version does; so that who is given them can rest. */
export function useStable<Given extends Acts>(given: Given): Given {
  const latest = useRef(given);
  latest.current = given;
  const known = useRef<Acts>({});
  const names = Object.keys(given).filter((name) => given[name]);
  for (const name of names) known.current[name] ??= (...args) => latest.current[name]?.(...args);
  const shape = names.join(' ');
  const kept = useRef({ shape: '', acts: {} as Given });
  if (kept.current.shape !== shape)
    kept.current = {
      shape,
      acts: Object.fromEntries(names.map((name) => [name, known.current[name]])) as Given,
    };
  return kept.current.acts;
}
