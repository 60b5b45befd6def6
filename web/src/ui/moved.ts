/** A list in which one thing changed places with the one before or after it. */
export function moved<T>(list: readonly T[], at: number, by: number): T[] {
  const next = [...list];
  next.splice(at + by, 0, ...next.splice(at, 1));
  return next;
}
