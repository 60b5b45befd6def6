import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { askedQuery } from './queries';
import { dueTime } from './words';

/** What teachers ask for at some topics and is not done yet. */
export function AskedHere({ topics }: { topics: readonly string[] }) {
  const asked = useQuery({ ...askedQuery, refetchInterval: false }).data ?? [];
  const here = asked.filter(
    ({ setWork, versions }) =>
      topics.includes(setWork.topic) &&
      !setWork.takenBack &&
      versions.every((version) => version.state !== 'CHECKED'),
  );
  return here.map(({ setWork }) => (
    <p key={setWork.id} className="mb-2">
      <Link
        to="/hand-ins"
        className="inline-block min-h-[26px] border-l-[3px] border-brass pl-2.5 hover:text-petrol"
      >
        {setWork.teacher} asks for <b>{setWork.title}</b>, due {dueTime(setWork)}
      </Link>
    </p>
  ));
}
