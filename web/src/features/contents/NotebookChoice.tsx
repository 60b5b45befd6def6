import { useQuery } from '@tanstack/react-query';
import { notebooksQuery } from './queries';

/** A notebook to choose from all of one's own. */
export function NotebookChoice({
  value,
  onChoose,
  className = '',
}: {
  value: string;
  onChoose: (notebook: string) => void;
  className?: string;
}) {
  const all = useQuery(notebooksQuery).data ?? [];
  return (
    <select
      aria-label="Notebook"
      value={value}
      className={`min-h-9 rounded-md border border-line bg-card px-2 ${className}`}
      onChange={(event) => onChoose(event.target.value)}
    >
      {all.map((one) => (
        <option key={one.id} value={one.id}>
          {one.title}
        </option>
      ))}
    </select>
  );
}
