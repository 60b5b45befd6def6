import { useState } from 'react';
import type { Api } from '../../api';
import type { Collection } from './details';
import { FIRST_LOOK, type Look } from './look';
import { Shapes } from './Shapes';
import { ThingReading } from './ThingReading';
import { useSeen } from './useSeen';
import { ViewBar } from './ViewBar';

type Props = { collection: Collection; views: Api['ViewsOfCollection']; look: Look | undefined };

/** A view away from its collection: whoever reads it sorts, narrows and groups for themselves and changes nothing. */
export function ViewReading({ collection, views, look: first = FIRST_LOOK }: Props) {
  const [look, setLook] = useState(first);
  const { aspects, own, seen, items, by, valuesIn } = useSeen(collection, look);
  const [open, setOpen] = useState<string>();
  const opened = collection.items.find((item) => item.id === open);
  return (
    <>
      <div className="max-h-[70vh] overflow-auto">
        <Shapes
          {...{ collection, items, seen, aspects, own, by, look }}
          reading={views}
          onLook={setLook}
          onTell={() => {}}
          onOpen={(item) => setOpen(item.id)}
          acts={() => null}
        />
        {items.length === 0 && <p className="text-soft">Nothing is in this view.</p>}
      </div>
      <details className="no-print mt-1.5">
        <summary className="min-h-7 cursor-pointer text-[13px] text-soft hover:text-petrol">
          Sort, narrow or group it for yourself
        </summary>
        <div className="pt-1">
          <ViewBar
            look={look}
            aspects={aspects}
            by={by}
            valuesOf={({ key }) => valuesIn(key)}
            onChange={setLook}
          />
        </div>
      </details>
      {opened && (
        <ThingReading item={opened} own={own} onClose={() => setOpen(undefined)}>
          {null}
        </ThingReading>
      )}
    </>
  );
}
