import type { Api } from '../../api';

/** A line of a syllabus while it is edited; `under` is the key of the line that it stands under, empty for a unit. */
export type Row = Omit<Api['RowBody'], 'parent'> & { key: string; under: string };

/** The lines of an edition as rows that can be changed. */
export const rowsOf = (nodes: Api['NodeView'][]): Row[] =>
  nodes.map((node) => ({
    key: node.id,
    id: node.id,
    code: node.code,
    under: node.parent ?? '',
    text: node.title,
    isPoint: node.kind === 'POINT',
    weight: node.weight === undefined ? '' : String(node.weight),
    tier: node.tier,
    years: node.years,
    note: node.note,
  }));

export const changed = (rows: Row[], key: string, change: Partial<Row>): Row[] =>
  rows.map((row) => (row.key === key ? { ...row, ...change } : row));

/** The rows with a new, empty one after another: a point where points are, else what stands under it. */
export function added(rows: Row[], after: Row, key: string): Row[] {
  const under = after.isPoint ? after.under : after.key;
  const isPoint = after.isPoint || rows.some((row) => row.under === after.key && row.isPoint);
  const row: Row = { key, code: '', under, text: '', isPoint, weight: '', tier: 'CORE', years: '', note: '' };
  const at = rows.indexOf(after) + 1;
  return [...rows.slice(0, at), row, ...rows.slice(at)];
}

/** The rows without one and all that stands under it. */
export function without(rows: Row[], key: string): Row[] {
  const gone = below(rows, key);
  return rows.filter((row) => !gone.has(row.key));
}

/** The lines that a row can stand under: units and topics, but for itself and what stands under it. */
export function holders(rows: Row[], row: Row): Row[] {
  const own = below(rows, row.key);
  return rows.filter((one) => !one.isPoint && !own.has(one.key));
}

/** How deep a row stands: 0 for a unit. */
export function depthOf(rows: Row[], row: Row): number {
  const byKey = new Map(rows.map((one) => [one.key, one]));
  let depth = 0;
  for (let at = byKey.get(row.under); at; at = byKey.get(at.under)) depth++;
  return depth;
}

/** What the server takes: rows that name by its code what they stand under. */
export function bodiesOf(rows: Row[]): Api['RowBody'][] {
  const codes = new Map(rows.map((row) => [row.key, row.code]));
  return rows.map(({ key, under, ...row }) => ({ ...row, parent: codes.get(under) ?? '' }));
}

function below(rows: Row[], key: string): Set<string> {
  const found = new Set([key]);
  for (const row of rows) if (found.has(row.under)) found.add(row.key);
  return found;
}
