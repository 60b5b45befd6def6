import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';

/** Gives a new collection the details and the views of another, which is its pattern. */
export async function likeAnother(collection: string, pattern: string): Promise<void> {
  const from = { params: { path: { id: pattern } } };
  const { details } = await unwrap(api.GET('/api/collections/{id}', from));
  const { views } = await unwrap(api.GET('/api/collections/{id}/views', from));
  const ids = new Map(details.map(({ id }) => [id, newId()]));
  for (const { id, ...body } of details)
    await unwrap(
      api.PUT('/api/collections/{id}/details/{detail}', {
        params: { path: { id: collection, detail: ids.get(id) ?? id } },
        body,
      }),
    );
  for (const { name, look } of views)
    await unwrap(
      api.PUT('/api/collections/{id}/views/{view}', {
        params: { path: { id: collection, view: newId() } },
        body: { name, look: renamed(look, ids) },
      }),
    );
}

/** A look names details in many places, each by an id that stands nowhere else. */
function renamed<Look>(look: Look, ids: Map<string, string>): Look {
  let written = JSON.stringify(look);
  for (const [old, now] of ids) written = written.replaceAll(old, now);
  return JSON.parse(written);
}
