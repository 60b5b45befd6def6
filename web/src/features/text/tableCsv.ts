import type { JSONContent } from '@tiptap/react';
import Papa from 'papaparse';
import { documentText } from './documentText';

const MOST_COLUMNS = 30;
const MOST_ROWS = 1_000;

/** A table from the text of a CSV file (comma, semicolon or tab), its first row as heading; or why it can't be one. */
export function tableFromCsv(text: string): JSONContent | string {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const columns = Math.max(0, ...data.map((row) => row.length));
  if (data.length === 0) return 'This file has no rows.';
  if (columns > MOST_COLUMNS || data.length > MOST_ROWS)
    return `This file has ${columns} columns and ${data.length} rows. A table has up to 30 and 1,000.`;
  return {
    type: 'table',
    content: data.map((row, i) => ({
      type: 'tableRow',
      content: Array.from({ length: columns }, (_, j) =>
        cell(i === 0 ? 'tableHeader' : 'tableCell', row[j] ?? ''),
      ),
    })),
  };
}

const cell = (type: string, words: string): JSONContent => ({
  type,
  content: [{ type: 'paragraph', content: words ? [{ type: 'text', text: words }] : [] }],
});

/** The words of a table as CSV, a row for each of its rows. */
export function tableToCsv(table: JSONContent): string {
  const rows = (table.content ?? []).map((row) => (row.content ?? []).map((one) => documentText(one).trim()));
  return `${Papa.unparse(rows)}\r\n`;
}

/** The sum and mean of the numbers in a column (counted from 0), headings and words left out; nothing without numbers. */
export function columnFigures(table: JSONContent, column: number): { sum: number; mean: number } | undefined {
  const numbers = (table.content ?? [])
    .map((row) => row.content?.[column])
    .filter((one) => one?.type === 'tableCell')
    .map((one) => documentText(one).trim().replace(',', '.'))
    .filter((words) => words !== '' && !Number.isNaN(Number(words)))
    .map(Number);
  if (numbers.length === 0) return undefined;
  const sum = numbers.reduce((total, one) => total + one, 0);
  return { sum: tidy(sum), mean: tidy(sum / numbers.length) };
}

/** Without the dust of binary fractions. */
const tidy = (value: number) => Number(value.toPrecision(10));
