import { useSyncExternalStore } from 'react';
import { pathOf } from '../ink';
import { type Hearing, usePageHearing } from '../voice';
import { litPlaces } from './heard';
import { roomOfThing, type Thing } from './things';

/** A light behind the things that were made at the moment that plays. */
export function LitThings({ things }: { things: readonly Thing[] }) {
  const hearing = usePageHearing();
  return hearing ? <Lights things={things} hearing={hearing} /> : null;
}

function Lights({ things, hearing }: { things: readonly Thing[]; hearing: Hearing }) {
  const lit = useSyncExternalStore(hearing.subscribe, () => litPlaces(things, hearing).join(' '));
  if (!lit) return null;
  return lit.split(' ').map((place) => {
    const thing = things[Number(place)];
    return thing && <Light key={place} thing={thing} />;
  });
}

const LIGHT = { fill: '#FFD27A', stroke: '#FFD27A', strokeWidth: 10, strokeLinejoin: 'round' } as const;

function Light({ thing }: { thing: Thing }) {
  if (thing.kind === 'ink') return <path d={pathOf(thing)} data-lit="" {...LIGHT} />;
  const { left, top, right, bottom } = roomOfThing(thing);
  return <rect x={left} y={top} width={right - left} height={bottom - top} rx={6} data-lit="" {...LIGHT} />;
}
