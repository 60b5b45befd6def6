import { useRef } from 'react';
import { Button } from './Button';

type Props = { label: string; href: string; onRead: (file: File) => void };

/** The way of a table in and out as CSV; `label` says which table the file is of. */
export function TableFiles({ label, href, onRead }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look="quiet" onClick={() => input.current?.click()}>
        Read CSV
      </Button>
      <a className="font-semibold text-petrol hover:underline" href={href} download>
        Save as CSV
      </a>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="hidden"
        aria-label={label}
        onChange={(event) => event.target.files?.[0] && onRead(event.target.files[0])}
      />
    </>
  );
}
