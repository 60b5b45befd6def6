import type { Lines } from './useLines';

/** The codes of the lines that are notched: of the notebook at hand as they are, of others behind its name. */
export function codesOf(lines: readonly Lines[], cut: ReadonlySet<string>): string {
  if (cut.size === 0) return '';
  return lines
    .map(({ title, nodes }, i) => {
      const codes = nodes.filter(({ id }) => cut.has(id)).map(({ code }) => code);
      return codes.length > 0 ? `${i > 0 ? `${title} ` : ''}${codes.join(', ')}` : '';
    })
    .filter(Boolean)
    .join(' · ');
}
