import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type EvidenceKind, KIND_NAMES } from '../../ui';
import { notebooksQuery } from '../contents';
import { ownMarksQuery } from '../mark';
import { syllabusQuery } from '../syllabus';
import type { Choice } from './queries';

const KINDS: EvidenceKind[] = ['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'ATTACHED'];
const BOX = 'min-h-9 max-w-full rounded-md border border-line bg-card px-2';

type Props = { choice: Choice; onChoose: (values: Record<string, string | undefined>) => void };

/** Which work is looked at: a topic or point, a kind, words in it, a mark of one's own, one notebook or all. */
export function ChoiceBar({ choice, onChoose }: Props) {
  const { notebook } = choice;
  const title = (useQuery(notebooksQuery).data ?? []).find((one) => one.id === notebook)?.title;
  const marks = useQuery(ownMarksQuery).data ?? [];
  return (
    <section aria-label="Which work" className="mb-3 flex flex-wrap items-center gap-2">
      {notebook && <Line notebook={notebook} value={choice.node} onChoose={onChoose} />}
      <select
        aria-label="Kind of work"
        className={BOX}
        value={choice.kind ?? ''}
        onChange={(event) => onChoose({ kind: event.target.value })}
      >
        <option value="">of every kind</option>
        {KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {KIND_NAMES[kind]}
          </option>
        ))}
      </select>
      {marks.length > 0 && (
        <select
          aria-label="A mark of your own"
          className={BOX}
          value={choice.mark ?? ''}
          onChange={(event) => onChoose({ mark: event.target.value })}
        >
          <option value="">with any mark</option>
          {marks.map((mark) => (
            <option key={mark.id} value={mark.id}>
              marked “{mark.name}”
            </option>
          ))}
        </select>
      )}
      <Words key={choice.words} value={choice.words ?? ''} onChoose={onChoose} />
      {notebook ? (
        <Link to="/growth" className="font-semibold text-petrol hover:underline">
          In all notebooks
        </Link>
      ) : (
        <span className="text-soft">in all notebooks</span>
      )}
      {choice.entries && (
        <button
          type="button"
          className="rounded-md border border-petrol bg-petrol-wash px-2.5 py-1"
          onClick={() => onChoose({})}
        >
          a kept pair <span aria-hidden="true">×</span>
          <span className="sr-only">: show all work{title && ` in ${title}`}</span>
        </button>
      )}
    </section>
  );
}

type LineProps = { notebook: string; value: string | undefined; onChoose: Props['onChoose'] };

function Line({ notebook, value, onChoose }: LineProps) {
  const nodes = (useQuery(syllabusQuery(notebook)).data ?? []).filter((node) => node.kind !== 'UNIT');
  return (
    <select
      aria-label="Topic or point"
      className={`${BOX} w-72`}
      value={value ?? ''}
      onChange={(event) => onChoose({ node: event.target.value })}
    >
      <option value="">all of this notebook</option>
      {nodes.map((node) => (
        <option key={node.id} value={node.id}>
          {node.kind === 'POINT' && '\u00a0\u00a0\u00a0'}
          {node.code} {node.title}
        </option>
      ))}
    </select>
  );
}

function Words({ value, onChoose }: { value: string; onChoose: Props['onChoose'] }) {
  const take = (words: string) => words.trim() !== value && onChoose({ words: words.trim() });
  return (
    <input
      type="search"
      aria-label="Words in it"
      placeholder="words in it, such as graph"
      className={`${BOX} w-56`}
      defaultValue={value}
      onBlur={(event) => take(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && take(event.currentTarget.value)}
    />
  );
}
