import type { Api } from '../../api';

const MOST = 60;

/** The points and topics that a typed code or words fit: codes that begin with it first, then statements with all its words. */
export function pointsMatching(points: Api['NodeView'][], typed: string): Api['NodeView'][] {
  const text = typed.trim().toLowerCase();
  const words = text.split(/\s+/);
  const byCode = points.filter((point) => point.code.toLowerCase().startsWith(text));
  const byWord = points.filter(
    (point) => !byCode.includes(point) && words.every((word) => point.title.toLowerCase().includes(word)),
  );
  return [...byCode, ...byWord].slice(0, MOST);
}
