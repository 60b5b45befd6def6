import '@xyflow/react/dist/base.css';
import { useSuspenseQuery } from '@tanstack/react-query';
import { ReactFlow, ReactFlowProvider, useNodesState, useReactFlow } from '@xyflow/react';
import { useEffect, useMemo, useState } from 'react';
import { tidy } from '../../core/view';
import { Button, useKeys } from '../../ui';
import { BoardCard, type CardNode } from './BoardCard';
import { BoardColours } from './BoardColours';
import { boardCards, placesOf } from './boardCards';
import { coloursOf } from './colours';
import { type Item, shown } from './details';
import { CARD, laidOut } from './laidOut';
import { lookedAtQuery } from './queries';
import type { ShapeProps } from './shapeProps';
import { TieDialog, type TieWish } from './TieDialog';
import { type TieEdge, TieLine } from './TieLine';
import { useMoves } from './useMoves';
import { type Tie, useThings } from './useThings';

const NODE_TYPES = { thing: BoardCard };
const EDGE_TYPES = { tie: TieLine };

/** The whole board in sight, no larger than it is. */
const WHOLE = { padding: 0.08, maxZoom: 1 };

/** Things as small cards that lie where their student put them, with ties between them. */
export function BoardShape(props: ShapeProps) {
  return (
    <ReactFlowProvider>
      {props.reading ? <ReadBoard {...props} looked={props.reading} /> : <Board {...props} />}
    </ReactFlowProvider>
  );
}

function Board({ collection, items, seen, own, by, onOpen }: ShapeProps) {
  const { places, ties } = useSuspenseQuery(lookedAtQuery(collection.id)).data;
  const { place, untie } = useThings(collection.id);
  const flow = useReactFlow<CardNode, TieEdge>();
  const [wish, setWish] = useState<TieWish>();
  const [tiedFrom, setTiedFrom] = useState<string>();
  const colours = useMemo(() => coloursOf(seen.groups(by.key, by.scale).values()), [seen, by]);
  const made = useMemo(
    () => boardCards(items, laidOut(items, places), colours, by.key, own),
    [items, places, colours, by, own],
  );
  const [nodes, setNodes, onNodesChange] = useNodesState<CardNode>(made);
  useEffect(() => {
    // Which card is chosen and how large it is stays; where it lies comes from the collection.
    setNodes((now) => made.map((one) => ({ ...now.find(({ id }) => id === one.id), ...one })));
  }, [made, setNodes]);
  const edges = tieEdges(items, ties, setWish);

  const { move, undo, canUndo } = useMoves(placesOf(made), place);
  const setInOrder = () => {
    const boxes = flow.getNodes().map(({ id, measured }) => ({
      id,
      width: measured?.width ?? CARD.width,
      height: measured?.height ?? CARD.height,
    }));
    const spots = tidy(
      boxes.map(({ id }) => id),
      boxes.map(({ width }) => width),
      boxes.map(({ height }) => height),
      boxes.map(({ id }) => made.find((card) => card.id === id)?.data.group ?? ''),
      edges.map(({ source }) => source),
      edges.map(({ target }) => target),
    );
    const laid = boxes.map((box, i) => ({ ...box, x: spots[2 * i] ?? 0, y: spots[2 * i + 1] ?? 0 }));
    move(laid.map(({ id, x, y }) => ({ item: id, x, y })));
    // A tidy board begins at 0, 0.
    const width = Math.max(...laid.map((box) => box.x + box.width));
    const height = Math.max(...laid.map((box) => box.y + box.height));
    void flow.fitBounds({ x: 0, y: 0, width, height }, { padding: WHOLE.padding });
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
    '0': () => void flow.fitView(WHOLE),
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
        <Button look="quiet" hotkey="U" disabled={!canUndo} onClick={undo}>
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
          onNodeDragStop={(_, __, dragged) => move(placesOf(dragged))}
          onNodeDoubleClick={(_, { id }) => open(items, id, onOpen)}
          onConnect={({ source, target }) => setWish({ from: source, to: target })}
          onKeyUp={({ key }) =>
            key.startsWith('Arrow') &&
            chosen.length > 0 &&
            move(placesOf(nodes.filter(({ selected }) => selected)))
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
          fitViewOptions={WHOLE}
          deleteKeyCode={null}
          multiSelectionKeyCode="Shift"
          selectionKeyCode="Control"
          proOptions={{ hideAttribution: true }}
        />
      </div>
      <BoardColours by={by.name} colours={colours} name={(value) => shown(by, value)} />
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

type ReadProps = ShapeProps & { looked: NonNullable<ShapeProps['reading']> };

/** The board of somebody who shows it: looked around on, and left as it is. */
function ReadBoard({ items, seen, own, by, onOpen, looked }: ReadProps) {
  const colours = useMemo(() => coloursOf(seen.groups(by.key, by.scale).values()), [seen, by]);
  const made = useMemo(
    () => boardCards(items, laidOut(items, looked.places), colours, by.key, own),
    [items, looked.places, colours, by, own],
  );
  return (
    <div>
      <div className="h-[max(380px,calc(100vh-330px))] overflow-hidden rounded-md bg-card">
        <ReactFlow
          aria-label="Board"
          nodes={made}
          edges={tieEdges(items, looked.ties)}
          nodeTypes={NODE_TYPES}
          edgeTypes={EDGE_TYPES}
          nodesDraggable={false}
          nodesConnectable={false}
          onNodeClick={(_, { id }) => open(items, id, onOpen)}
          onKeyDown={({ key, target }) => {
            const card = cardAt(target);
            if (key === 'Enter' && card) open(items, card, onOpen);
          }}
          onlyRenderVisibleElements={items.length > 120}
          minZoom={0.15}
          maxZoom={2}
          fitView
          fitViewOptions={WHOLE}
          deleteKeyCode={null}
          proOptions={{ hideAttribution: true }}
        />
      </div>
      <BoardColours by={by.name} colours={colours} name={(value) => shown(by, value)} />
    </div>
  );
}

/** The ties between things that are seen; where `onOpen` is given, their words open them. */
function tieEdges(items: Item[], ties: Tie[], onOpen?: (tie: Tie) => void): TieEdge[] {
  const ids = new Set(items.map((item) => item.id));
  return ties
    .filter((tie) => ids.has(tie.from) && ids.has(tie.to))
    .map((tie) => ({
      id: tie.id,
      type: 'tie',
      source: tie.from,
      target: tie.to,
      focusable: false,
      data: { tie, onOpen: onOpen && (() => onOpen(tie)) },
    }));
}

const open = (items: Item[], id: string, onOpen: ShapeProps['onOpen']) => {
  const item = items.find((one) => one.id === id);
  if (item) onOpen(item);
};

const cardAt = (target: EventTarget): string | null | undefined =>
  target instanceof Element ? target.closest('.react-flow__node')?.getAttribute('data-id') : undefined;
