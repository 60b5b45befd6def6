import { ChoiceField } from '../../ui';
import type { Style } from './queries';

const STYLES: Record<Style, string> = {
  APA: 'APA',
  HARVARD: 'Harvard',
  MLA: 'MLA',
  CHICAGO: 'Chicago, author and year',
  VANCOUVER: 'Vancouver, numbered',
};

/** In which style references are put. */
export function StyleField({ style, onChoose }: { style: Style; onChoose: (style: Style) => void }) {
  return (
    <ChoiceField label="Style" value={style} onChange={({ target: { value } }) => onChoose(value as Style)}>
      {Object.entries(STYLES).map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
    </ChoiceField>
  );
}
