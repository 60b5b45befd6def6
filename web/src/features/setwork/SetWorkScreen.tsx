import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, Empty, Heading } from '../../ui';
import { AskedLinks } from '../reading';
import { setWorkQuery, takenBackQuery } from './queries';
import { SetWorkForm } from './SetWorkForm';
import { useTakingBack } from './useTakingBack';
import { dueLine } from './words';

/** A teacher's first screen: what was set, how many are in, and setting something new. */
export function SetWorkScreen() {
  const all = useSuspenseQuery(setWorkQuery).data;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] max-w-5xl items-start gap-4 lg:grid-cols-[1fr_330px]">
      <div>
        <Heading name="Set work" />
        <AskedLinks />
        <Card>
          {all.length === 0 && <Empty>You have not set anything yet.</Empty>}
          <ul>
            {all.map((line) => (
              <Line key={line.setWork.id} line={line} />
            ))}
          </ul>
        </Card>
        <TakenBack />
      </div>
      <div className="lg:mt-[38px]">
        <Card title="Ask for something">
          <SetWorkForm />
        </Card>
      </div>
    </div>
  );
}

function Line({ line }: { line: Api['SetWorkLine'] }) {
  return (
    <li>
      <Link
        to={`/set-work/${line.setWork.id}`}
        className="flex items-baseline gap-4 border-b border-line py-2.5 last:border-0 hover:text-petrol"
      >
        <span className="flex-1">
          <b>{line.setWork.title}</b>
          <span className="block text-[13.5px] text-soft">{dueLine(line.setWork)}</span>
        </span>
        <span className="text-[13.5px]">
          {line.in} of {line.students} in
        </span>
        <span
          className={`w-24 text-right text-[13.5px] ${line.waiting > 0 ? 'font-semibold text-petrol' : 'text-soft'}`}
        >
          {line.waiting > 0 ? `${line.waiting} to read` : 'all read'}
        </span>
      </Link>
    </li>
  );
}

/** What is asked for no longer; what was handed in for it can still be read. */
function TakenBack() {
  const all = useQuery(takenBackQuery).data ?? [];
  const { askAgain } = useTakingBack();
  return (
    all.length > 0 && (
      <Card title="Taken back" className="mt-4">
        <ul>
          {all.map((work) => (
            <li key={work.id} className="flex items-baseline gap-4 border-b border-line py-2 last:border-0">
              <Link to={`/set-work/${work.id}`} className="flex-1 hover:text-petrol">
                {work.title}
                <span className="block text-[13.5px] text-soft">{dueLine(work)}</span>
              </Link>
              <Button onClick={() => askAgain.mutate(work)}>Ask again</Button>
            </li>
          ))}
        </ul>
      </Card>
    )
  );
}
