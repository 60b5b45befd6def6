import type { Change } from './changes';

/** A reworded statement: what went is struck through, what came is underlined. */
export function ChangedWords({ words }: { words: Change['words'] }) {
  return words.map((part, i) => {
    if (part.kind === 'KEPT') return part.text;
    return part.kind === 'GONE' ? (
      <del key={i} className="text-rust">
        {part.text}
      </del>
    ) : (
      <ins key={i} className="bg-marker text-ink">
        {part.text}
      </ins>
    );
  });
}
