import type { Api } from '../../api';
import { moment } from '../../ui';
import { ProseView } from '../text';

/** What of the student's own went along with an entry: marks, and what was typed before. */
export function GoneAlong({ entry: { marks, earlier } }: { entry: Api['SealedEntryView'] }) {
  return (
    <>
      {marks.length > 0 && (
        <ul className="mt-1 text-[13.5px]" aria-label="Marks">
          {marks.map((mark) => (
            <li key={`${mark.name} ${mark.words}`}>
              <b className="text-petrol">{mark.name}</b> “{mark.words}”
            </li>
          ))}
        </ul>
      )}
      {earlier.length > 0 && (
        <details className="mt-1">
          <summary className="text-[13.5px] font-semibold text-petrol">
            What was typed before ({earlier.length})
          </summary>
          {earlier.map((one) => (
            <div key={one.savedAt} className="mt-1.5 border-l-2 border-line pl-3">
              <p className="text-[13px] text-soft">until {moment(one.savedAt)}</p>
              <ProseView content={one.content} />
            </div>
          ))}
        </details>
      )}
    </>
  );
}
