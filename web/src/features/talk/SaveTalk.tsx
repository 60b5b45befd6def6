import { useMutation, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { Button, fileSize, percent, Trouble } from '../../ui';

type Props = { recording: string; subject: string; at: number };

const LOOK_MILLIS = 700;

/** The ways in which a talk-through leaves: as a film, which takes a while to make, and as a page by itself. */
export function SaveTalk({ recording, subject, at }: Props) {
  const begin = useMutation({
    mutationFn: (format: 'WEBM' | 'MP4') =>
      unwrap(api.POST('/api/talk-films', { body: { recording, subject, at, format } })),
  });
  const id = begin.data?.id;
  const film = useQuery({
    queryKey: ['talk-film', id],
    queryFn: () => unwrap(api.GET('/api/talk-films/{id}', { params: { path: { id: id as string } } })),
    enabled: !!id,
    refetchInterval: ({ state }) => (state.data?.state === 'WAITING' || !state.data ? LOOK_MILLIS : false),
  }).data;
  const isAtWork = begin.isPending || film?.state === 'WAITING';
  return (
    <div className="mt-3 border-t border-line pt-3">
      <div className="flex flex-wrap items-center gap-2">
        <span className="mr-1 text-soft">Save it</span>
        <Button onClick={() => begin.mutate('WEBM')} disabled={isAtWork}>
          As a film (WebM)
        </Button>
        <Button onClick={() => begin.mutate('MP4')} disabled={isAtWork}>
          As a film (MP4)
        </Button>
        <a
          className="rounded-md border border-line bg-card px-3 py-1.5 font-semibold hover:border-petrol"
          href={`/api/talks/${recording}/${subject}/${at}/page.html`}
        >
          As a web page by itself
        </a>
        {film?.state === 'READY' && (
          <a className="font-semibold text-petrol underline" href={`/api/talk-films/${film.id}/file`}>
            Save the film, {fileSize(film.bytes)}
          </a>
        )}
      </div>
      {film?.state === 'WAITING' && (
        <p className="mt-2 flex items-center gap-2 text-[14px]">
          <progress className="h-2.5 w-48 accent-petrol" value={film.share} />
          The film is being made, {percent(film.share)}. You can go on meanwhile.
        </p>
      )}
      {film?.state === 'FAILED' && (
        <Trouble>The film could not be made. Try once more, or save it as a web page.</Trouble>
      )}
      <Trouble>{begin.error?.message}</Trouble>
    </div>
  );
}
