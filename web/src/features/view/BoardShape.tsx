import '@xyflow/react/dist/base.css';
import { useSuspenseQuery } from '@tanstack/react-query';
import { type Node, ReactFlow, ReactFlowProvider, useNodesState, useReactFlow } from '@xyflow/react';
import { useEffect, useMemo, useState } from 'react';
import { tidy } from '../../core/view';
import { Button, useKeys } from '../../ui';
import { BoardCard, type CardNode } from './BoardCard';
import { coloursOf } from './colours';
import { type Item, shown, valuesOf } from './details';
import { CARD, laidOut } from './laidOut';
import { lookedAtQuery } from './queries';
import type { ShapeProps } from './shapeProps';
import { TieDialog, type TieWish } from './TieDialog';
import { type TieEdge, TieLine } from './TieLine';
import { type Place, useThings } from './useThings';

const NODE_TYPES = { thing: BoardCard };
const EDGE_TYPES = { tie: TieLine };

/** Things as small cards that lie where their student put them, with ties between them. */
export function BoardShape(props: ShapeProps) {
  return (
    <ReactFlowProvider>
      <Board {...props} />
    </ReactFlowProvider>
  );
}

function Board({ collection, items, seen, own, by, onOpen }: ShapeProps) {
  const { places, ties } = useSuspenseQuery(lookedAtQuery(collection.id)).data;
  const { place, untie } = useThings(collection.id);
  const flow = useReactFlow<CardNode, TieEdge>();
  const [wish, setWish] = useState<TieWish>();
  const [tiedFrom, setTiedFrom] = useState<string>();
  const [before, setBefore] = useState<Place[][]>([]);
  const colours = useMemo(() => coloursOf(seen.groups(by.key, by.scale).values()), [seen, by]);
  const made = useMemo(
    () => cards(items, laidOut(items, places), colours, by.key, own),
    [items, places, colours, by, own],
  );
  const [nodes, setNodes, onNodesChange] = useNodesState<CardNode>(made);
  useEffect(() => {
    // Which card is chosen and how large it is stays; where it lies comes from the collection.
    setNodes((now) => made.map((one) => ({ ...now.find(({ id }) => id === one.id), ...one })));
  }, [made, setNodes]);
  const ids = new Set(items.map((item) => item.id));
  const edges: TieEdge[] = ties
    .filter((tie) => ids.has(tie.from) && ids.has(tie.to))
    .map((tie) => ({
      id: tie.id,
      type: 'tie',
      source: tie.from,
      target: tie.to,
      focusable: false,
      data: { tie, onOpen: () => setWish(tie) },
    }));

  const move = (next: Place[]) => {
    const moved = new Set(next.map(({ item }) => item));
    setBefore([...before, nodesAsPlaces(made).filter(({ item }) => moved.has(item))]);
    void place(next);
  };
  const undo = () => {
    const last = before.at(-1);
    if (!last) return;
    setBefore(before.slice(0, -1));
    void place(last);
  };
  const setInOrder = () => {
    const all = flow.getNodes();
    const spots = tidy(
      all.map(({ id }) => id),
      all.map(({ measured }) => measured?.width ?? CARD.width),
      all.map(({ measured }) => measured?.height ?? CARD.height),
      all.map(({ data }) => data.group),
      edges.map(({ source }) => source),
      edges.map(({ target }) => target),
    );
    move(all.map(({ id }, i) => ({ item: id, x: spots[2 * i] ?? 0, y: spots[2 * i + 1] ?? 0 })));
    setTimeout(() => void flow.fitView({ padding: 0.08 }), 60);
  };
  const chosen = nodes.filter(({ selected }) => selected).map(({ id }) => id);
  const tieOf = (from: string, to: string): TieWish =>
    ties.find((tie) => [tie.from, tie.to].includes(from) && [tie.from, tie.to].includes(to)) ?? { from, to };
  /** Two chosen cards are tied at once, or their tie is opened; one waits for the other. */
  const tieChosen = () => {
    const [one, other] = chosen;
    if (one && other) setWish(tieOf(one, other));
    else if (one && tiedFrom && tiedFrom !== one) setWish(tieOf(tiedFrom, one));
    else setTiedFrom(one);
    if (other || tiedFrom) setTiedFrom(undefined);
  };
  useKeys({
    t: tieChosen,
    o: setInOrder,
    '+': () => void flow.zoomIn(),
    '-': () => void flow.zoomOut(),
    '0': () => void flow.fitView({ padding: 0.08 }),
    u: undo,
  });
  const titleOf = (id: string) => items.find((item) => item.id === id)?.title ?? '';
  return (
    <div>
      <div className="mb-1.5 flex flex-wrap items-center gap-2">
        <Button hotkey="O" onClick={setInOrder}>
          Set in order
        </Button>
        <Button hotkey="T" disabled={chosen.length === 0} onClick={tieChosen}>
          Tie
        </Button>
        <Button look="quiet" hotkey="U" disabled={before.length === 0} onClick={undo}>
          Undo
        </Button>
        <output className="text-[13.5px] text-soft" aria-live="polite">
          {tiedFrom
            ? `From “${titleOf(tiedFrom)}” to which card? Choose it and press T.`
            : 'Drag a card, or choose it and use the arrow keys. T ties two cards.'}
        </output>
      </div>
      <div className="h-[max(380px,calc(100vh-330px))] overflow-hidden rounded-md bg-card">
        <ReactFlow
          aria-label="Board"
          nodes={nodes}
          edges={edges}
          nodeTypes={NODE_TYPES}
          edgeTypes={EDGE_TYPES}
          onNodesChange={onNodesChange}
          onNodeDragStop={(_, __, dragged) => move(nodesAsPlaces(dragged))}
          onNodeDoubleClick={(_, { id }) => open(items, id, onOpen)}
          onConnect={({ source, target }) => setWish({ from: source, to: target })}
          onKeyUp={({ key }) =>
            key.startsWith('Arrow') &&
            chosen.length > 0 &&
            move(nodesAsPlaces(nodes.filter(({ selected }) => selected)))
          }
          onKeyDown={({ key, target }) => {
            // The first Enter on a card chooses it; the next opens it.
            const [only, ...others] = chosen;
            if (key === 'Enter' && only && others.length === 0 && cardAt(target) === only)
              open(items, only, onOpen);
          }}
          onlyRenderVisibleElements={items.length > 120}
          minZoom={0.15}
          maxZoom={2}
          fitView
          fitViewOptions={{ padding: 0.08, maxZoom: 1 }}
          deleteKeyCode={null}
          multiSelectionKeyCode="Shift"
          selectionKeyCode="Control"
          proOptions={{ hideAttribution: true }}
        />
      </div>
      <Colours by={by.name} colours={colours} name={(value) => shown(by, value)} />
      {wish && (
        <TieDialog
          collection={collection.id}
          wish={wish}
          nameOf={titleOf}
          onUntie={(tie) => untie(tie)}
          onClose={() => setWish(undefined)}
        />
      )}
    </div>
  );
}

const open = (items: Item[], id: string, onOpen: ShapeProps['onOpen']) => {
  const item = items.find((one) => one.id === id);
  if (item) onOpen(item);
};

const cardAt = (target: EventTarget): string | null | undefined =>
  target instanceof Element ? target.closest('.react-flow__node')?.getAttribute('data-id') : undefined;

const nodesAsPlaces = (nodes: Node[]): Place[] =>
  nodes.map(({ id, position }) => ({ item: id, x: position.x, y: position.y }));

function cards(
  items: Item[],
  spots: Map<string, { x: number; y: number }>,
  colours: Map<string, string>,
  by: string,
  own: ShapeProps['own'],
): CardNode[] {
  return items.map((item) => {
    const [group = ''] = valuesOf(item, by);
    const says = own
      .filter(({ key }) => key !== by)
      .flatMap((aspect) =>
        valuesOf(item, aspect.key)
          .slice(0, 1)
          .map((value) => shown(aspect, value)),
      )
      .slice(0, 2)
      .join(' · ');
    return {
      id: item.id,
      type: 'thing',
      position: spots.get(item.id) ?? { x: 0, y: 0 },
      ariaLabel: [item.title, group, says].filter(Boolean).join(', '),
      data: { title: item.title, says, group, colour: colours.get(group) ?? 'var(--line)' },
    };
  });
}

type ColoursProps = { by: string; colours: Map<string, string>; name: (value: string) => string };

/** What the colours mean. */
function Colours({ by, colours, name }: ColoursProps) {
  return (
    <ul aria-label={`Colours by ${by}`} className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[13.5px]">
      {[...colours].map(([value, colour]) => (
        <li key={value} className="flex items-center gap-1.5">
          <span aria-hidden="true" className="h-2 w-4 rounded-full" style={{ background: colour }} />
          {name(value)}
        </li>
      ))}
    </ul>
  );
}
