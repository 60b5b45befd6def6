const TIMED_ID = /^([0-9a-f]{8})-([0-9a-f]{4})-7/;

/** When an id was made, in ms since 1970: it says so itself (UUIDv7); others say nothing. */
export function idTime(id: string): number | undefined {
  const [, high, low] = TIMED_ID.exec(id) ?? [];
  return high && low ? Number.parseInt(high + low, 16) : undefined;
}
