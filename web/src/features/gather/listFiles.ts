const ENDINGS = ['.csv', '.tsv', '.bib', '.ris', '.htm', '.html'];

/** Whether a file may hold things one by one; only the server can tell for sure. */
export const isListFile = ({ name }: Pick<File, 'name'>): boolean =>
  ENDINGS.some((ending) => name.toLowerCase().endsWith(ending));

/** A pasted table, cell by cell apart by tabs as programs copy it; as a file. */
export function tableIn(text: string): File | undefined {
  const rows = text.split(/\r?\n/).filter((row) => row.trim());
  const columns = rows[0]?.split('\t').length ?? 0;
  const isTable = rows.length > 1 && columns > 1 && rows.every((row) => row.split('\t').length === columns);
  return isTable ? new File([text], 'Pasted table.tsv', { type: 'text/tab-separated-values' }) : undefined;
}
