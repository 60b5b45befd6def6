import { useNavigate, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Card, Empty, Heading } from '../../ui';
import { type Found, foundIn } from './gathered';
import { WhereToKeep } from './WhereToKeep';

/** What a phone shares with the installed application: a page or words, which go into a collection. */
export function SharedScreen() {
  const [search] = useSearchParams();
  const go = useNavigate();
  const words = (name: string) => search.get(name)?.trim() ?? '';
  // Programs put an address now into one of these, now into the other.
  const [found] = foundIn(words('url') || words('text') || words('title'));
  return (
    <section aria-label="Keep what was shared" className="max-w-2xl">
      <Heading name="Keep what was shared" />
      {found ? (
        <Card title={found.kind === 'LINK' ? words('title') || found.url : found.title}>
          {found.kind === 'NOTE' && <p className="mb-2 whitespace-pre-line">{found.note}</p>}
          <WhereToKeep
            keep={(collection) => put(collection, found, words('title'))}
            onKept={(collection) => go(`/collections/${collection}`, { replace: true })}
          />
        </Card>
      ) : (
        <Card>
          <Empty>Nothing came along that can be kept.</Empty>
        </Card>
      )}
    </section>
  );
}

const put = (collection: string, found: Found, title: string) =>
  unwrap(
    api.PUT('/api/collections/{id}/items/{item}', {
      params: { path: { id: collection, item: newId() } },
      body: found.kind === 'LINK' ? { ...found, title: title.slice(0, 120), note: '' } : found,
    }),
  );
