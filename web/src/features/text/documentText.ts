type Node = { type?: string; text?: string; attrs?: { latex?: string }; content?: Node[] };

/** What stands on lines of its own. */
export const LINES = ['paragraph', 'heading', 'blockMath'];

/** The words of a typed document, a line for each block; nothing for other content. */
export function documentText(content: unknown): string {
  const node = (content ?? {}) as Node;
  if (node.text) return node.text;
  if (node.type === 'hardBreak') return '\n';
  const inside = node.attrs?.latex ?? (node.content ?? []).map(documentText).join('');
  return inside + (LINES.includes(node.type ?? '') ? '\n' : '');
}
