import { useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useNavigate, useSearchParams } from 'react-router';
import { forgetShared } from '../../device';
import { Button, Card, Empty, Heading } from '../../ui';
import { foundIn } from './gathered';
import { sharedFilesQuery } from './queries';
import { ofFile, ofFound } from './useGather';
import { usePut, type Wish } from './usePut';
import { WhereToKeep } from './WhereToKeep';

/** What a phone shares with the installed application: pages, words and files, which go into a collection. */
export function SharedScreen() {
  const [search] = useSearchParams();
  const go = useNavigate();
  const put = usePut();
  const queries = useQueryClient();
  const files = useSuspenseQuery(sharedFilesQuery).data;
  const wishes = [...wishesIn(search), ...files.map(({ file }) => ofFile(file))];
  const letGo = async () => {
    await forgetShared(files);
    await queries.invalidateQueries({ queryKey: sharedFilesQuery.queryKey });
  };
  const keep = async (collection: string) => {
    for (const wish of wishes) await put(collection, wish);
    await letGo();
  };
  return (
    <section aria-label="Keep what was shared" className="max-w-2xl">
      <Heading name="Keep what was shared" />
      <Card>
        {wishes.length === 0 ? (
          <Empty>Nothing came along that can be kept.</Empty>
        ) : (
          <>
            <ul aria-label="What was shared" className="mb-3">
              {wishes.map((wish) => (
                <li key={wish.url ?? wish.title} className="border-b border-line py-1.5 last:border-0">
                  <b>{wish.title || wish.url}</b>
                  {wish.note && <span className="block whitespace-pre-line">{wish.note}</span>}
                </li>
              ))}
            </ul>
            <WhereToKeep
              keep={keep}
              onKept={(collection) => go(`/collections/${collection}`, { replace: true })}
            />
            {files.length > 0 && (
              <Button look="quiet" className="mt-3" onClick={() => void letGo()}>
                Do not keep the files
              </Button>
            )}
          </>
        )}
      </Card>
    </section>
  );
}

/** Programs put an address now into one of these, now into the other. */
function wishesIn(search: URLSearchParams): Wish[] {
  const words = (name: string) => search.get(name)?.trim() ?? '';
  return foundIn(words('url') || words('text') || words('title'))
    .map(ofFound)
    .map((wish) => (wish.kind === 'LINK' ? { ...wish, title: words('title') } : wish));
}
