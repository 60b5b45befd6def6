import type { Api } from '../../api';
import { Button, Card, plural } from '../../ui';
import { SaveCopies } from '../copy';

const BUDGET_BYTES = 100_000_000;

type Props = { ready: Api['ReadyView']; isFitted: boolean; isLooking: boolean; onLook: () => void };

/** How much goes out, and how it will look. */
export function WhatGoesOut({ ready, isFitted, isLooking, onLook }: Props) {
  const bytes = isFitted ? ready.fittedBytes : ready.bytes;
  const parts = [
    plural(ready.pages, 'page'),
    plural(ready.photos, 'photo'),
    plural(ready.drawings, 'drawing'),
    plural(ready.recordings, 'recording'),
  ];
  return (
    <Card title="What goes out">
      <p className="text-soft">{parts.join(', ')}</p>
      <p className="mt-1.5 mb-3 flex items-center gap-3 text-soft">
        {(bytes / 1e6).toFixed(1)} of {BUDGET_BYTES / 1e6} MB
        <meter min={0} max={BUDGET_BYTES} value={bytes} aria-label="Size" className="h-2.5 w-32" />
      </p>
      <div className="flex flex-wrap gap-2">
        <Button aria-pressed={isLooking} onClick={onLook}>
          {isLooking ? 'Back to the check' : `See it as ${ready.to.teacher} will`}
        </Button>
        {ready.picked.section && (
          <div className="basis-full">
            <p className="mb-1.5 text-soft">A copy of it as it is now:</p>
            <SaveCopies kind="SECTION" of={ready.picked.section} />
          </div>
        )}
      </div>
    </Card>
  );
}
