import { useState } from 'react';
import { Button, moved, TextField } from '../../ui';
import { ZoneFields } from './ZoneFields';
import type { Pattern, Zone } from './zones';

type Props = { pattern: Pattern; onLay: (pattern: Pattern) => void; onKeep: (pattern: Pattern) => void };

/** The zones of a page to be named, placed, asked for, put in order, added and taken out. */
export function PatternEditor({ pattern, onLay, onKeep }: Props) {
  const [name, setName] = useState(pattern.name);
  const [zones, setZones] = useState<Zone[]>(pattern.zones);
  const change = (at: number, zone: Zone) => setZones(zones.map((one, i) => (i === at ? zone : one)));
  const move = (at: number, by: number) => setZones(moved(zones, at, by));
  const changed = { name: name.trim() || 'My pattern', zones };
  return (
    <div className="mt-3 rounded-md border border-line p-3">
      <TextField
        label="Name of the pattern"
        value={name}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
      />
      <ol>
        {zones.map((zone, i) => (
          <ZoneFields
            key={zone.key}
            zone={zone}
            isFirst={i === 0}
            isLast={i === zones.length - 1}
            onChange={(next) => change(i, next)}
            onMove={(by) => move(i, by)}
            onRemove={zones.length > 1 ? () => setZones(zones.filter((one) => one !== zone)) : undefined}
          />
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => setZones([...zones, newZone(zones)])}>Add a zone</Button>
        <span className="flex-1" />
        <Button onClick={() => onLay(changed)}>Only for this page</Button>
        <Button look="act" onClick={() => onKeep(changed)}>
          Keep as my pattern
        </Button>
      </div>
    </div>
  );
}

/** A box with a key that no zone of the pattern has. */
function newZone(zones: Zone[]): Zone {
  let number = zones.length + 1;
  while (zones.some((zone) => zone.key === `zone-${number}`)) number++;
  return { key: `zone-${number}`, role: 'BOX', title: `Zone ${number}`, prompt: '', kinds: [] };
}
