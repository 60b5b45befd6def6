import { createElement, Fragment, type ReactNode } from 'react';

type Node = {
  type?: string;
  text?: string;
  attrs?: { level?: number; start?: number };
  marks?: { type: string }[];
  content?: Node[];
};

const MARK_TAGS: Record<string, string> = { bold: 'b', italic: 'i', highlight: 'mark' };

/** Typed text as it was sealed, not to be changed. */
export function ProseView({ content }: { content: unknown }) {
  return <div className="prose">{children(content as Node)}</div>;
}

// A sealed document never changes, so a node is known by its place.
const children = (node: Node): ReactNode =>
  (node.content ?? []).map((child, i) => <Fragment key={i.toString()}>{render(child)}</Fragment>);

function render(node: Node): ReactNode {
  switch (node.type) {
    case 'text':
      return (node.marks ?? []).reduce<ReactNode>(
        (inner, mark) => createElement(MARK_TAGS[mark.type] ?? 'span', null, inner),
        node.text,
      );
    case 'hardBreak':
      return <br />;
    case 'heading':
      return createElement(
        `h${(node.attrs?.level ?? 1) + 2}`,
        { className: 'mt-2 mb-1 font-head font-bold' },
        children(node),
      );
    case 'bulletList':
      return <ul>{children(node)}</ul>;
    case 'orderedList':
      return <ol start={node.attrs?.start}>{children(node)}</ol>;
    case 'listItem':
      return <li>{children(node)}</li>;
    default:
      return <p>{children(node)}</p>;
  }
}
