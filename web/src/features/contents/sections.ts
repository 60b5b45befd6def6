import type { Api } from '../../api';

type Section = Api['SectionView'];

/** The sections directly below another (or at the top), in their order. */
export const childrenOf = (sections: readonly Section[], parent: string | undefined): Section[] =>
  sections.filter((section) => section.parent === parent).sort((a, b) => a.position - b.position);

export type Placed = { section: Section; depth: number };

/** All sections in reading order, each with its depth from 0. */
export const inOrder = (sections: readonly Section[], parent?: string, depth = 0): Placed[] =>
  childrenOf(sections, parent).flatMap((section) => [
    { section, depth },
    ...inOrder(sections, section.id, depth + 1),
  ]);

export type Place = { parent?: string; position: number };

/** Where a section goes when it is moved up, down, in (below the one before it) or out; nothing where it can't. */
export function placeAfter(
  sections: readonly Section[],
  section: Section,
  move: 'up' | 'down' | 'in' | 'out',
): Place | undefined {
  const siblings = childrenOf(sections, section.parent);
  const index = siblings.findIndex((one) => one.id === section.id);
  if (move === 'up') return index > 0 ? { parent: section.parent, position: index - 1 } : undefined;
  if (move === 'down')
    return index < siblings.length - 1 ? { parent: section.parent, position: index + 1 } : undefined;
  if (move === 'in') {
    const above = siblings[index - 1];
    return above && { parent: above.id, position: childrenOf(sections, above.id).length };
  }
  const parent = sections.find((one) => one.id === section.parent);
  return (
    parent && {
      parent: parent.parent,
      position: childrenOf(sections, parent.parent).findIndex((one) => one.id === parent.id) + 1,
    }
  );
}

export type DropPart = 'before' | 'inside' | 'after';

/** Where a section goes that is dropped on another; nothing where that is itself or lies inside it. */
export function placeOfDrop(
  sections: readonly Section[],
  dragged: Section,
  onto: Section,
  part: DropPart,
): Place | undefined {
  const isInside = inOrder(sections, dragged.id).some(({ section }) => section.id === onto.id);
  if (dragged.id === onto.id || isInside) return undefined;
  if (part === 'inside')
    return { parent: onto.id, position: childrenOf(sections, onto.id).filter(not(dragged)).length };
  const siblings = childrenOf(sections, onto.parent).filter(not(dragged));
  const at = siblings.findIndex((one) => one.id === onto.id);
  return { parent: onto.parent, position: part === 'before' ? at : at + 1 };
}

const not = (dragged: Section) => (one: Section) => one.id !== dragged.id;
