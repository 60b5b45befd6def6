import { createElement, Fragment, type ReactNode } from 'react';
import { citedThing, isAllowedUri, isSpotLink } from './extensions';
import { FormulaView } from './FormulaView';

type Attributes = {
  level?: number;
  start?: number;
  checked?: boolean;
  source?: string;
  latex?: string;
  colspan?: number;
  rowspan?: number;
  color?: string;
  id?: string;
  href?: string;
  at?: number;
  number?: number;
};
type Mark = { type: string; attrs?: Attributes };
type Node = { type?: string; text?: string; attrs?: Attributes; marks?: Mark[]; content?: Node[] };

const STYLE_TAGS: Record<string, string> = {
  bold: 'b',
  italic: 'i',
  underline: 'u',
  subscript: 'sub',
  superscript: 'sup',
};

/** How stretches are shown that `placed` laid over a text. */
const LOOKS: Record<string, [tag: string, className: string]> = {
  gone: ['del', 'bg-gone'],
  come: ['ins', 'bg-added no-underline'],
  remark: ['mark', 'remarked'],
  chosen: ['mark', 'bg-petrol-wash outline-1 outline-petrol'],
};

/** Typed text as it was sealed, not to be changed. */
export function ProseView({ content }: { content: unknown }) {
  return <div className="prose">{children(content as Node)}</div>;
}

// A sealed document never changes, so a node is known by its place.
const children = (node: Node): ReactNode =>
  (node.content ?? []).map((child, i) => <Fragment key={i.toString()}>{render(child)}</Fragment>);

function render(node: Node): ReactNode {
  const { attrs = {} } = node;
  switch (node.type) {
    case 'text':
      return (node.marks ?? []).reduce<ReactNode>(marked, node.text);
    case 'hardBreak':
      return <br />;
    case 'inlineMath':
    case 'blockMath':
      return <FormulaView tex={attrs.latex ?? ''} isOwnLine={node.type === 'blockMath'} />;
    case 'heading':
      return createElement(
        `h${(attrs.level ?? 1) + 2}`,
        { className: 'mt-2 mb-1 font-head font-bold' },
        children(node),
      );
    case 'bulletList':
      return <ul>{children(node)}</ul>;
    case 'orderedList':
      return <ol start={attrs.start}>{children(node)}</ol>;
    case 'listItem':
      return <li>{children(node)}</li>;
    case 'taskList':
      return <ul data-type="taskList">{children(node)}</ul>;
    case 'taskItem':
      return (
        <li>
          <label>
            <input type="checkbox" checked={attrs.checked ?? false} disabled aria-label="Done" />
          </label>
          <div>{children(node)}</div>
        </li>
      );
    case 'blockquote':
      return <blockquote data-source={attrs.source || undefined}>{children(node)}</blockquote>;
    case 'table':
      return (
        <div className="tableWrapper">
          <table>
            <tbody>{children(node)}</tbody>
          </table>
        </div>
      );
    case 'tableRow':
      return <tr>{children(node)}</tr>;
    case 'tableHeader':
    case 'tableCell':
      return createElement(
        node.type === 'tableHeader' ? 'th' : 'td',
        { colSpan: attrs.colspan, rowSpan: attrs.rowspan },
        children(node),
      );
    default:
      return <p>{children(node)}</p>;
  }
}

/** What is cited is seen in its collection. */
const addressOf = (href: string) => {
  const thing = citedThing(href);
  return thing ? `/things/${thing}` : href;
};

function marked(inner: ReactNode, { type, attrs = {} }: Mark): ReactNode {
  if (type === 'highlight') return <mark data-color={attrs.color}>{inner}</mark>;
  if (type === 'link' && attrs.href && isAllowedUri(attrs.href))
    return isSpotLink(attrs.href) ? (
      <a href={attrs.href}>{inner}</a>
    ) : (
      <a href={addressOf(attrs.href)} target="_blank" rel="noreferrer noopener">
        {inner}
      </a>
    );
  if (type === 'passage') return <span data-passage={attrs.id}>{inner}</span>;
  if (type === 'place') return <span data-at={attrs.at}>{inner}</span>;
  if (type in LOOKS) {
    const [tag, className] = LOOKS[type] as [string, string];
    return createElement(tag, { className, 'data-number': attrs.number }, inner);
  }
  return createElement(STYLE_TAGS[type] ?? 'span', null, inner);
}
