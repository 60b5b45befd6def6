import { Problem } from '../../api';
import { Trouble } from '../../ui';

export type Breach = { line: number; message: string };

/** What has to be mended in a syllabus, line by line. */
export function Breaches({
  lines,
  summary,
  counted = 'Line',
}: {
  lines: Breach[];
  summary: string;
  counted?: string;
}) {
  return (
    <Trouble>
      <p className="font-semibold">{summary}</p>
      <ul className="mt-1 max-h-56 overflow-auto">
        {lines.map((breach) => (
          <li key={`${breach.line} ${breach.message}`}>
            {breach.line > 0 && (
              <b>
                {counted} {breach.line}.{' '}
              </b>
            )}
            {breach.message}
          </li>
        ))}
      </ul>
    </Trouble>
  );
}

/** Why a file was not taken: line by line where the server says so, else its sentence. */
export function FileTrouble({ error, otherwise }: { error: Error | null; otherwise: string }) {
  const lines = error instanceof Problem ? breachesOf(error) : [];
  return lines.length > 0 ? (
    <Breaches lines={lines} summary={`${error?.message} ${otherwise}`} />
  ) : (
    <Trouble>{error?.message}</Trouble>
  );
}

/** The breaches that a refusal lists; none when it is about something else. */
export const breachesOf = (problem: Problem) => (problem.body.lines ?? []) as Breach[];
