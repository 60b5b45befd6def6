import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { api, unwrap } from '../../api';
import { Button, Card, Heading, Trouble } from '../../ui';
import { PdfLinks } from './PdfLinks';
import { versionQuery } from './queries';
import { SealBadge } from './SealBadge';
import { SealedPages } from './SealedPages';
import { STATE_WORDS } from './words';

/** A student's own sealed version, with what the teacher said. */
export function VersionScreen() {
  const { handIn: id = '' } = useParams();
  const version = useSuspenseQuery(versionQuery(id)).data;
  const queries = useQueryClient();
  const go = useNavigate();
  const takeBack = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/hand-ins/{id}', { params: { path: { id } } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['hand-ins'] });
      go('/hand-ins');
    },
  });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <div className="mb-2.5 flex flex-wrap items-center gap-2.5">
          <Heading name={`${version.setWork.title} · version ${version.version}`} className="text-[20px]" />
          <SealBadge version={version} />
        </div>
        <Trouble>{takeBack.error?.message}</Trouble>
        <SealedPages
          version={version}
          below={(page, entry) =>
            version.remarks
              .filter((remark) => remark.entryId === entry.id)
              .map((remark) => (
                <p key={remark.id} className="mt-1 border-l-[3px] border-brass bg-wash px-2.5 py-1">
                  <b className="text-brass">{remark.number}</b> “{remark.words}”{' '}
                  <Link
                    to={`/p/${page.id}?entry=${entry.id}`}
                    className="font-semibold text-petrol hover:underline"
                  >
                    Go to the page
                  </Link>
                </p>
              ))
          }
        />
      </div>
      <div className="grid gap-3">
        <Card title={`With ${version.setWork.teacher}`}>
          <p>This version is {STATE_WORDS[version.state]}.</p>
          <div className="mt-3 flex flex-wrap gap-2">
            <PdfLinks href={`/api/hand-ins/${id}/pdf`} name="PDF" />
            {version.state === 'WAITING' && <Button onClick={() => takeBack.mutate()}>Take it back</Button>}
            {version.state === 'SENT_BACK' && (
              <Link
                to={`/hand-in/${version.sectionId}?setWork=${version.setWork.id}`}
                className="rounded-md border border-petrol bg-petrol px-3 py-1.5 font-semibold text-on-petrol"
              >
                Check and hand in again
              </Link>
            )}
          </div>
        </Card>
        {version.versions.length > 1 && (
          <Card title="Versions">
            {version.versions.map((one) => (
              <Link
                key={one.id}
                to={`/versions/${one.id}`}
                className="block border-b border-line py-1.5 last:border-0 hover:text-petrol"
              >
                <b>{one.version}</b> {STATE_WORDS[one.state]}
              </Link>
            ))}
          </Card>
        )}
      </div>
    </div>
  );
}
