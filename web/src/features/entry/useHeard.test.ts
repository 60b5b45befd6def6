import { renderHook } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Shown } from './shown';
import { useHeard } from './useHeard';

const recording = (media: Partial<Shown['media']>): Shown =>
  ({
    id: '0198b1f0-0000-7000-8000-000000000001',
    kind: 'RECORDING',
    caption: 'Two rays',
    content: {},
    media: { id: 'm', compact: false, silences: [], peaks: [], ...media },
  }) as unknown as Shown;

test('a sound gets its length and its pauses when the server has listened to it', () => {
  const { result, rerender } = renderHook(({ one }) => useHeard([one], '/n/1/p/1').sounds[0]?.playable, {
    initialProps: { one: recording({}) },
  });
  expect(result.current?.seconds).toBe(0);
  rerender({ one: recording({ seconds: 7, silences: [{ from: 1000, to: 2000 }] }) });
  expect(result.current).toMatchObject({ seconds: 7, silences: [{ from: 1000, to: 2000 }] });
});
