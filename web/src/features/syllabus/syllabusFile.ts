import { type Api, sendForm } from '../../api';

export type SyllabusLook = Api['SyllabusLookView'];
export type Column = Api['ColumnView']['column'];

/** What a column of a table can hold, as it is asked for. */
export const COLUMNS: Record<Column, string> = {
  CODE: 'Code',
  PARENT: 'Code of the line above it',
  TITLE: 'Title of a unit or topic',
  STATEMENT: 'Statement of a point',
  WEIGHT: 'Weight in per cent',
  TIER: 'Tier: core or extended',
  LEVEL: 'What the line is: unit, topic or point',
  YEARS: 'Exam years',
  NOTE: 'Note',
  IDENTIFIER: 'The board’s own identifier',
};

const sent = (file: File) => ({ blob: file, name: file.name });

/** What is in a file; nothing of it is kept there. `places` says which column holds what, once it was chosen. */
export const lookIntoSyllabus = (file: File, places: Api['ColumnView'][] = []): Promise<SyllabusLook> =>
  sendForm('POST', `/api/edition-files?${columnsOf(places)}`, sent(file));

/** Makes an edition of a file; the server reads all of it or says what to mend, line by line. */
export const readSyllabus = (
  file: File,
  { code, title, places }: { code: string; title: string; places: Api['ColumnView'][] },
): Promise<Api['EditionLine']> => {
  const names = new URLSearchParams({ code, title });
  return sendForm('POST', `/api/editions?${names}&${columnsOf(places)}`, sent(file));
};

const columnsOf = (places: Api['ColumnView'][]) =>
  new URLSearchParams(places.map((one) => ['columns', `${one.column}:${one.place}`])).toString();

/** The places when column number `place` is to hold `column`, or nothing: what held it before is free. */
export function placed(
  places: Api['ColumnView'][],
  place: number,
  column: Column | undefined,
): Api['ColumnView'][] {
  const others = places.filter((one) => one.place !== place && one.column !== column);
  return column ? [...others, { column, place }] : others;
}
