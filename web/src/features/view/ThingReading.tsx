import type { ReactNode } from 'react';
import { Dialog } from '../../ui';
import { SourceLine } from '../source';
import { ProseView } from '../text';
import type { Aspect, Item } from './details';
import { Moved } from './Moved';
import { ThingName } from './ThingName';
import { ThingPreview } from './ThingPreview';
import { Values } from './Values';

type Props = { item: Item; own: readonly Aspect[]; children: ReactNode; onClose: () => void };

/** All of a thing that somebody shows, to be read; below it what its reader can do. */
export function ThingReading({ item, own, children, onClose }: Props) {
  return (
    <Dialog title={item.title} onClose={onClose}>
      <ThingPreview item={item} />
      {(item.url || item.media) && (
        <p className="mb-2">
          <ThingName item={item} />
        </p>
      )}
      {item.why && <p className="mb-2 whitespace-pre-line">{item.why}</p>}
      {item.text ? (
        <ProseView content={item.text} />
      ) : (
        item.note && <p className="mb-2 whitespace-pre-line text-soft">{item.note}</p>
      )}
      <Values item={item} aspects={own} />
      <SourceLine source={{ ...item.found, trust: item.source.trust }} />
      <Moved item={item} isRead onTell={() => {}} />
      <div className="mt-4 flex flex-wrap gap-2">{children}</div>
    </Dialog>
  );
}
