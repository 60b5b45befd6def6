/** Holds a name for as long as this tab lives (or until the answer is called), so that other tabs see it in use. */
export function hold(name: string): () => void {
  let release = () => {};
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  navigator.locks?.request(name, () => held);
  return release;
}

/** The names that living tabs hold; none where the browser has no locks. */
export async function heldNames(): Promise<Set<string>> {
  const state = await navigator.locks?.query();
  return new Set((state?.held ?? []).map((lock) => lock.name ?? ''));
}
