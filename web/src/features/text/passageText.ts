type Node = { text?: string; marks?: { type: string; attrs?: { id?: string } }[]; content?: Node[] };

/** The words of a passage, by its id. */
export function passageText(content: unknown, id: string): string {
  const { text = '', marks = [], content: inside = [] } = (content ?? {}) as Node;
  const isIn = marks.some((mark) => mark.type === 'passage' && mark.attrs?.id === id);
  return (isIn ? text : '') + inside.map((child) => passageText(child, id)).join('');
}
