import type { Api } from '../../api';
import { plural } from '../../ui';

/** What was taken for none of the syllabus, so that nothing is missing in silence. */
export function LeftOutLines({ lines }: { lines: Api['LeftOutView'][] }) {
  if (lines.length === 0) return null;
  return (
    <details className="mt-1">
      <summary className="cursor-pointer font-semibold text-petrol">
        {plural(lines.length, 'line')} of the document left out
      </summary>
      <ul className="mt-1 max-h-48 overflow-y-auto text-[13px]">
        {lines.map((line) => (
          <li key={`${line.number} ${line.text}`} className="flex gap-3 py-0.5">
            <span className="w-10 shrink-0 text-right text-soft">{line.number}</span>
            <span className="min-w-0 flex-1">{line.text}</span>
            <span className="text-soft">{line.reason}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
