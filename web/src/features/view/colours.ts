const PALETTE = [
  'var(--ink)',
  'var(--moss)',
  'var(--brass)',
  'var(--petrol)',
  'var(--plum)',
  'var(--rust)',
  'var(--soft)',
];

/** A colour for each value, always the same for the same values; a key beside the board says what they mean. */
export const coloursOf = (values: readonly string[]): Map<string, string> =>
  new Map(values.map((value, at) => [value, PALETTE[at % PALETTE.length] ?? 'var(--line)']));
