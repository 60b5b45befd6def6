/** The pages that “1-3, 5” means, of `most`; nothing when it can't be read or names a page that is not there. */
export function pageRange(typed: string, most: number): number[] | undefined {
  const pages = new Set<number>();
  for (const part of typed.split(',')) {
    const [, first, last] = /^\s*(\d+)\s*(?:[-–]\s*(\d+)\s*)?$/.exec(part) ?? [];
    const from = Number(first);
    const to = Number(last ?? first);
    if (!first || from < 1 || to > most || from > to) return undefined;
    for (let page = from; page <= to; page += 1) pages.add(page);
  }
  return [...pages].sort((a, b) => a - b);
}
