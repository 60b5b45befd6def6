/** Holds a name for as long as this tab lives (or until the answer is called), so that other tabs see it in use. */
export function hold(name: string): () => void {
  let release = () => {};
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  navigator.locks?.request(name, () => held);
  return release;
}

/** Waits until no tab holds a name: at once where it is free, else when its tab is gone. */
export const whenFree = async (name: string): Promise<void> => navigator.locks?.request(name, () => {});
