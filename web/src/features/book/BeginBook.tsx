import { useSuspenseQuery } from '@tanstack/react-query';
import { Button, Card, plural } from '../../ui';
import { type BookPattern, offeredPatternsQuery } from './queries';

/** Begins a book: at once where there is one pattern, else with the one that is chosen. */
export function BeginBook({ onBegin }: { onBegin: (pattern: BookPattern) => void }) {
  const patterns = useSuspenseQuery(offeredPatternsQuery).data;
  const [only, ...more] = patterns;
  if (only && more.length === 0)
    return (
      <Button look="act" className="mt-3" onClick={() => onBegin(only)}>
        Begin a book
      </Button>
    );
  return (
    <Card title="Begin a book" className="mt-3">
      <ul>
        {patterns.map((pattern) => (
          <li key={pattern.id} className="flex items-start gap-3 border-b border-line py-2 last:border-0">
            <span className="min-w-0 flex-1">
              <b>{pattern.name}</b>{' '}
              <span className="text-[13.5px] text-soft">{plural(pattern.parts.length, 'part')}</span>
              {pattern.forWhom && <span className="block text-[13.5px]">For {pattern.forWhom}</span>}
              <span className="block text-[13.5px] text-soft">
                {pattern.parts.map((part) => part.heading).join(' · ')}
              </span>
            </span>
            <Button aria-label={`Begin with ${pattern.name}`} onClick={() => onBegin(pattern)}>
              Begin
            </Button>
          </li>
        ))}
      </ul>
    </Card>
  );
}
