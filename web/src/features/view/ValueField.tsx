import { useId } from 'react';
import type { OwnDetail } from './details';

type Props = {
  detail: OwnDetail;
  values: string[];
  /** What was used before. */
  offered: readonly string[];
  name: string;
  className?: string;
  onType: (values: string[]) => void;
  onEnter?: (isBack: boolean) => void;
};

const HOLDS_SEVERAL = ['SOME_OF', 'PERSON'];

/** A value of a detail in a field of its kind; it is taken when the field is left, or with Enter. */
export function ValueField({ detail, values, offered, name, className = '', onType, onEnter }: Props) {
  const list = useId();
  const typed = values.join(', ');
  const take = (text: string) =>
    text !== typed && onType(HOLDS_SEVERAL.includes(detail.kind) ? text.split(',') : [text]);
  const look = `min-h-8 w-full min-w-0 rounded-md border border-line bg-card px-2 ${className}`;
  if (detail.kind === 'YES_OR_NO')
    return (
      <select aria-label={name} value={typed} className={look} onChange={(event) => take(event.target.value)}>
        <option value="">–</option>
        <option value="yes">yes</option>
        <option value="no">no</option>
      </select>
    );
  return (
    <>
      <input
        // What another device typed takes the place of what was there.
        key={typed}
        aria-label={name}
        type={detail.kind === 'DAY' ? 'date' : 'text'}
        inputMode={detail.kind === 'NUMBER' ? 'decimal' : undefined}
        defaultValue={typed}
        list={offered.length > 0 ? list : undefined}
        maxLength={600}
        className={look}
        onBlur={(event) => take(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.currentTarget.blur();
            onEnter?.(event.shiftKey);
          }
        }}
      />
      {offered.length > 0 && (
        <datalist id={list}>
          {offered.map((value) => (
            <option key={value} value={value} />
          ))}
        </datalist>
      )}
    </>
  );
}
