import { useState } from 'react';
import { Button, plural } from '../../ui';

/** What was photographed is gone from the bench then: asked twice. */
export function ClearBench({ photos, onClear }: { photos: number; onClear: () => void }) {
  const [isAsking, setAsking] = useState(false);
  return isAsking ? (
    <Button look="warn" onClick={onClear}>
      Yes, put {plural(photos, 'photo')} away
    </Button>
  ) : (
    <Button look="quiet" onClick={() => setAsking(true)}>
      Clear the bench
    </Button>
  );
}
