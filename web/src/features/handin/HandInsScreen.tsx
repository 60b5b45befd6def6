import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, Empty, Heading, moment, plural } from '../../ui';
import { contentsQuery, notebooksQuery } from '../contents';
import { askedQuery, askedWords, dueLine } from '../setwork';
import { rulerQuery } from '../shell/queries';
import { BeginPage } from './BeginPage';
import { searchFor } from './picked';
import { unaskedQuery } from './queries';
import { Way } from './Way';
import { dueWords, STATE_WORDS, versionName } from './words';

/** Everything that was asked for, with what was handed in for it. */
export function HandInsScreen() {
  const asked = useSuspenseQuery(askedQuery).data;
  const today = useSuspenseQuery(rulerQuery).data.today;
  return (
    <div className="max-w-4xl">
      <Heading name="Hand-ins" />
      {asked.length === 0 && <Empty>Your teachers have not asked for anything yet.</Empty>}
      {asked.map((one) => (
        <AskedCard key={one.setWork.id} asked={one} today={today} />
      ))}
      <Unasked />
    </div>
  );
}

const whenWords = (work: Api['SetWorkView'], today: string) =>
  work.takenBack ? 'taken back' : `due ${dueWords(work, today)}`;

function AskedCard({ asked, today }: { asked: Api['AskedView']; today: string }) {
  const isDone = asked.versions.some((version) => version.state === 'CHECKED');
  return (
    <Card
      title={asked.setWork.title}
      className="mb-3"
      aside={
        <span className="text-[13px] text-soft">{isDone ? 'done' : whenWords(asked.setWork, today)}</span>
      }
    >
      <p className="text-soft">
        {dueLine(asked.setWork)} · {asked.setWork.teacher}
      </p>
      <p className="my-1.5 whitespace-pre-line">{asked.setWork.instructions}</p>
      {askedWords(asked.setWork) && (
        <p className="mb-1.5 text-soft">Asked for: {askedWords(asked.setWork)}</p>
      )}
      <ul>
        {asked.versions.map((version) => (
          <VersionLine key={version.id} version={version} />
        ))}
      </ul>
      {!isDone && !asked.setWork.takenBack && <WayToSection asked={asked} />}
    </Card>
  );
}

function VersionLine({ version }: { version: Api['VersionView'] }) {
  return (
    <li>
      <Link
        to={`/versions/${version.id}`}
        className="flex items-baseline gap-4 border-t border-line py-1.5 hover:text-petrol"
      >
        <b className="w-20 text-petrol">{versionName(version)}</b>
        <span className={`flex-1 ${version.state === 'SENT_BACK' ? 'font-semibold text-brass' : ''}`}>
          {STATE_WORDS[version.state]}
          {version.remarks > 0 && ` with ${plural(version.remarks, 'remark')}`}
        </span>
        <span className="text-[13px] text-soft">sealed {moment(version.sealedAt)}</span>
      </Link>
    </li>
  );
}

/** What was sent without being asked. */
function Unasked() {
  const unasked = useQuery(unaskedQuery).data ?? [];
  return (
    unasked.length > 0 && (
      <>
        <h2 className="mt-5 mb-2 text-[18px]">Sent without being asked</h2>
        {unasked.map((work) => (
          <Card key={work.versions[0]?.id} title={work.title} className="mb-3">
            <p className="text-soft">
              {work.to.className} · {work.to.teacher}
            </p>
            <ul>
              {work.versions.map((version) => (
                <VersionLine key={version.id} version={version} />
              ))}
            </ul>
            <Way to={`/hand-in?${searchFor(work.picked, { unasked: true })}`}>Check and send again</Way>
          </Card>
        ))}
      </>
    )
  );
}

/** The section to hand in: the one that was handed in before, else the one on the topic; else the way to making one. */
function WayToSection({ asked: { setWork, picked } }: { asked: Api['AskedView'] }) {
  const notebooks = useQuery(notebooksQuery).data;
  const notebook = notebooks?.find((one) => one.classId === setWork.classId);
  const contents = useQuery({ ...contentsQuery(notebook?.id ?? ''), enabled: !!notebook }).data;
  const section = contents?.sections.find((one) => one.topics.includes(setWork.topic))?.id;
  const takes = picked ?? (section && { section, pages: [] });
  if (takes)
    return (
      <div className="flex flex-wrap gap-x-2">
        {contents && section && !picked && (
          <BeginPage setWork={setWork} contents={contents} section={section} />
        )}
        <Way to={`/hand-in?${searchFor(takes, { setWork: setWork.id })}`}>Check and hand in</Way>
      </div>
    );
  if (notebooks && !notebook)
    return <Way to={`/new?class=${setWork.classId}`}>Make a notebook for {setWork.className}</Way>;
  return contents ? (
    <Way to={`/n/${contents.notebook.id}`}>Make a section for it in {contents.notebook.title}</Way>
  ) : null;
}
