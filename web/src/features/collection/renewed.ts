import { v7 as newId } from 'uuid';
import type { Api } from '../../api';

/** What a collection takes from another as its pattern. */
export type Pattern = Pick<Api['CollectionView'], 'details'> & Pick<Api['ViewsOfCollection'], 'views'>;

/** The same details and views under ids of their own. A view names details in many places, each by an id that stands nowhere else. */
export function renewed({ details, views }: Pattern): Pattern {
  const ids = new Map([...details, ...views].map(({ id }) => [id, newId()]));
  let written = JSON.stringify({ details, views });
  for (const [old, now] of ids) written = written.replaceAll(old, now);
  return JSON.parse(written);
}
