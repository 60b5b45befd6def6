type Node = { type?: string; text?: string; content?: Node[] };

/** The words of a typed document, a line for each block; nothing for other content. */
export function documentText(content: unknown): string {
  const node = (content ?? {}) as Node;
  if (node.text) return node.text;
  if (node.type === 'hardBreak') return '\n';
  const isLine = node.type === 'paragraph' || node.type === 'heading';
  return (node.content ?? []).map(documentText).join('') + (isLine ? '\n' : '');
}
