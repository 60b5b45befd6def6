import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ChoiceField } from '../../ui';
import { type Pattern, patternsQuery } from '../pattern';

type Props = { pattern: Pattern | undefined; onChange: (pattern: Pattern | undefined) => void };

/** The pattern that a page for set work begins with; one that was given before stays, also where it has changed since. */
export function PatternField({ pattern, onChange }: Props) {
  const patterns = useQuery(patternsQuery).data;
  const [given] = useState(pattern);
  const known: Pattern[] = [
    ...(patterns?.own ?? []).map((own) => own.pattern),
    ...(patterns?.standard ?? []),
  ];
  const all = given ? [given, ...known.filter((one) => one.name !== given.name)] : known;
  return (
    <ChoiceField
      label="A page for it begins as"
      value={pattern?.name ?? ''}
      onChange={({ target }) => onChange(all.find((one) => one.name === target.value))}
    >
      <option value="">whatever they choose</option>
      {all.map((one) => (
        <option key={one.name}>{one.name}</option>
      ))}
    </ChoiceField>
  );
}
