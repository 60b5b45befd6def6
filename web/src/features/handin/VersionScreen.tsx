import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, Heading, Trouble, useKeys } from '../../ui';
import { KeepInCollection } from '../collection';
import { GiveLink } from '../reading';
import { RemarkCard, remarksOn } from '../remark';
import { AnswerField } from './AnswerField';
import { Comparing } from './Comparing';
import { LevelsShown } from './Levels';
import { aimOf, searchFor } from './picked';
import { changesQuery, versionQuery } from './queries';
import { SealBadge } from './SealBadge';
import { SealedContent } from './SealedContent';
import { SealedPages } from './SealedPages';
import { VersionFiles } from './VersionFiles';
import { WordCard } from './WordCard';
import { STATE_WORDS, versionBefore, versionName, workName } from './words';

type Version = Api['SealedView'];

/** A student's own sealed version, with what the teacher said. */
export function VersionScreen() {
  const { handIn: id = '' } = useParams();
  const version = useSuspenseQuery(versionQuery(id)).data;
  const [search, setSearch] = useSearchParams();
  const before = versionBefore(version);
  const changes = useQuery({ ...changesQuery(id, before?.id ?? ''), enabled: !!before }).data;
  const since = search.get('since');
  const compare = () => before && setSearch(since ? {} : { since: before.id });
  useKeys({ c: compare });
  if (since) return <Comparing version={version} since={since} onClose={compare} />;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <div className="mb-2.5 flex flex-wrap items-center gap-2.5">
          <Heading
            name={`${workName(version)} · ${versionName(version).toLowerCase()}`}
            className="text-[20px]"
          />
          <SealBadge version={version} />
          {changes && (
            <Button hotkey="C" className="ml-auto" onClick={compare}>
              {changes.count} changed since {before && versionName(before).toLowerCase()}
            </Button>
          )}
        </div>
        <SealedPages
          version={version}
          entry={(page, entry) => (
            <>
              <SealedContent entry={entry} remarks={remarksOn(version.remarks, entry.id)} />
              <p className="mt-0.5 text-[13px] text-soft">
                {entry.caption} <b className="text-petrol">{entry.codes.join(' ')}</b>
              </p>
              <div className="grid gap-1">
                {remarksOn(version.remarks, entry.id).map((remark) => (
                  <AnsweredRemark
                    key={remark.id}
                    remark={remark}
                    version={id}
                    to={`/p/${page.id}?entry=${entry.id}`}
                  />
                ))}
              </div>
            </>
          )}
        />
      </div>
      <VersionSide version={version} />
    </div>
  );
}

/** A remark with the way to mend what it is about, and what the student says to it. */
function AnsweredRemark({
  remark,
  version,
  to,
}: {
  remark: Api['RemarkView'];
  version: string;
  to?: string;
}) {
  return (
    <RemarkCard remark={remark}>
      <div className="mt-0.5 flex flex-wrap items-center gap-x-3">
        <AnswerField remark={remark} version={version} />
        {to && (
          <Link to={to} className="font-semibold text-petrol hover:underline">
            Go to the page
          </Link>
        )}
      </div>
    </RemarkCard>
  );
}

function VersionSide({ version }: { version: Version }) {
  const { id } = version;
  const queries = useQueryClient();
  const go = useNavigate();
  const takeBack = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/hand-ins/{id}', { params: { path: { id } } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['hand-ins'] });
      go('/hand-ins');
    },
  });
  const onWhole = version.remarks.filter((one) => one.anchor.about === 'WHOLE');
  return (
    <div className="grid gap-3">
      <Card title={`With ${version.to.teacher}`}>
        <p>This version is {STATE_WORDS[version.state]}.</p>
        <Trouble>{takeBack.error?.message}</Trouble>
        <div className="mt-3 flex flex-wrap gap-2">
          <Link
            to={`/versions/${id}/read`}
            className="rounded-md border border-line px-3 py-1.5 font-semibold hover:border-petrol"
          >
            Read as a book
          </Link>
          <VersionFiles id={id} />
          <GiveLink kind="VERSION" of={id} title={version.title} />
          <KeepInCollection
            name="Keep in a collection"
            things={[{ kind: 'VERSION', leadsTo: id, title: '' }]}
          />
          {version.ownNotebook && (
            <Link
              to={`/n/${version.ownNotebook}/look-backs/${newId()}?version=${id}`}
              className="rounded-md border border-line px-3 py-1.5 font-semibold hover:border-petrol"
            >
              Look back on it
            </Link>
          )}
          {version.state === 'WAITING' && <Button onClick={() => takeBack.mutate()}>Take it back</Button>}
          {version.state === 'SENT_BACK' && (
            <Link
              to={`/hand-in?${searchFor(version.picked, aimOf(version.to))}`}
              className="rounded-md border border-petrol bg-petrol px-3 py-1.5 font-semibold text-on-petrol"
            >
              Check and hand in again
            </Link>
          )}
        </div>
      </Card>
      <WordCard version={version} title="Your word along with it" />
      <LevelsShown version={version} />
      {onWhole.length > 0 && (
        <Card title="On the whole">
          <div className="grid gap-1">
            {onWhole.map((remark) => (
              <AnsweredRemark key={remark.id} remark={remark} version={id} />
            ))}
          </div>
        </Card>
      )}
      {version.versions.length > 1 && (
        <Card title="Versions">
          {version.versions.map((one) => (
            <Link
              key={one.id}
              to={`/versions/${one.id}`}
              className="block border-b border-line py-1.5 last:border-0 hover:text-petrol"
            >
              <b>{versionName(one)}</b> {STATE_WORDS[one.state]}
            </Link>
          ))}
        </Card>
      )}
    </div>
  );
}
