import type { Api } from '../../api';

type Criterion = Api['CriterionBody'];

/** A criterion as it is written: its name, and a line for each level, the lowest first. */
export type Written = { key: string; name: string; levels: string };

/** "often 2" says its points at its end; a level without any is worth as many as its place, from 0 on. */
function level(line: string, place: number): Criterion['levels'][number] {
  const said = /^(.*?)[\s,:]+(\d+)$/.exec(line.trim());
  return said ? { words: said[1] ?? '', points: Number(said[2]) } : { words: line.trim(), points: place };
}

/** Criteria as they are written, to be changed. */
export const writtenFrom = (criteria: readonly Criterion[]): Written[] =>
  criteria.map(({ name, levels }) => ({
    key: name,
    name,
    levels: levels.map(({ words, points }) => `${words} ${points}`).join('\n'),
  }));

/** What was written, as it is sent; criteria without a name and a level are left out. */
export const criteriaFrom = (written: readonly Written[]): Criterion[] =>
  written
    .filter(({ name, levels }) => name.trim() || levels.trim())
    .map(({ name, levels }) => ({
      name: name.trim(),
      levels: levels
        .split('\n')
        .filter((line) => line.trim())
        .map(level),
    }));
