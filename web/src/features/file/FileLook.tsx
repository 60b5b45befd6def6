import { queryOptions, useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { type Api, api, unwrap } from '../../api';
import { Trouble } from '../../ui';
import { ProseView } from '../text';
import { isText } from './fileKind';

// Reading PDF is a large piece of program; it comes when somebody looks into one.
const PdfLook = lazy(() => import('./PdfLook').then((module) => ({ default: module.PdfLook })));

const lookQuery = (id: string) =>
  queryOptions({
    queryKey: ['look', id],
    queryFn: () => unwrap(api.GET('/api/media/{id}/look', { params: { path: { id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

/** What is inside a file, as far as it can be shown here. */
export function FileLook({ media }: { media: Api['MediaView'] }) {
  if (media.kind === 'PHOTO')
    return (
      <img
        src={`/api/media/${media.id}/screen`}
        alt={media.name}
        className="mx-auto block max-h-[560px] object-contain p-2"
      />
    );
  if (media.type === 'application/pdf')
    return (
      <Suspense fallback={<Reading />}>
        <PdfLook url={`/api/media/${media.id}`} name={media.name} />
      </Suspense>
    );
  if (isText(media.type)) return <TextLook media={media} />;
  return (
    <p className="p-3 text-soft">
      This kind of file can’t be shown here. Save it, and open it with the program that made it.
    </p>
  );
}

function TextLook({ media }: { media: Api['MediaView'] }) {
  const { data, error } = useQuery(lookQuery(media.id));
  if (error)
    return (
      <div className="p-3">
        <Trouble>{error.message}</Trouble>
      </div>
    );
  if (!data) return <Reading />;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keyboard
    <section className="max-h-[480px] overflow-auto p-3" tabIndex={0} aria-label={`Inside ${media.name}`}>
      <ProseView content={data.content} />
      {data.cut && <p className="text-[13px] text-soft">It goes on. Save it to read all of it.</p>}
    </section>
  );
}

const Reading = () => (
  <p role="status" className="p-3 text-soft">
    Reading…
  </p>
);
