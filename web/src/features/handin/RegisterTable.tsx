import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, moment, plural, Trouble } from '../../ui';
import { useRegister } from './useQueue';
import { byListName, listName, PROGRESS_WORDS, STATE_WORDS, versionName } from './words';

const isOpen = ({ state }: Api['VersionView']) => state === 'WAITING' || state === 'BEING_READ';

/** Who is in, when, and how it went; several are sent back in one step. */
export function RegisterTable({ register }: { register: Api['RegisterView'] }) {
  const { setWork } = register.to;
  const { query, path } = useRegister();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const sendBack = useMutation({
    mutationFn: (handIns: string[]) =>
      unwrap(
        api.POST('/api/set-work/{id}/sent-back', {
          params: { path: { id: setWork?.id ?? '' } },
          body: { handIns },
        }),
      ),
    onSuccess: () => {
      setChosen(new Set());
      queries.invalidateQueries({ queryKey: query.queryKey });
      queries.invalidateQueries({ queryKey: ['set-work'] });
    },
  });
  const tick = (id: string, isOn: boolean) =>
    setChosen((now) => new Set(isOn ? [...now, id] : [...now].filter((one) => one !== id)));
  const lines = byListName(register.students);
  const withLevels = (setWork?.criteria.length ?? 0) > 0;
  return (
    <Card>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[560px] border-collapse text-left">
          <thead className="text-[13px] text-soft">
            <tr>
              {setWork && <th className="w-8" aria-label="Choose" />}
              <th className="py-1 pr-3 font-semibold">Student</th>
              <th className="pr-3 font-semibold">Where it stands</th>
              <th className="pr-3 font-semibold">Handed in</th>
              {withLevels && <th className="pr-3 font-semibold">Points</th>}
              <th className="font-semibold">What they ask</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <Line
                key={`${line.student}-${line.title}`}
                line={line}
                path={path}
                withLevels={withLevels}
                tick={setWork && <Tick line={line} isOn={chosen.has(line.latest?.id ?? '')} onTick={tick} />}
              />
            ))}
          </tbody>
        </table>
      </div>
      <Trouble>{sendBack.error?.message}</Trouble>
      {setWork && (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <Button
            disabled={chosen.size === 0 || sendBack.isPending}
            onClick={() => sendBack.mutate([...chosen])}
          >
            {chosen.size === 0 ? 'Send back those chosen' : `Send ${plural(chosen.size, 'version')} back`}
          </Button>
          <a
            href={`/api/set-work/${setWork.id}/numbers.csv`}
            download
            className="font-semibold text-petrol hover:underline"
          >
            Save the numbers as CSV
          </a>
        </div>
      )}
    </Card>
  );
}

type TickProps = { line: Api['RegisterLine']; isOn: boolean; onTick: (id: string, isOn: boolean) => void };

function Tick({ line: { latest, name }, isOn, onTick }: TickProps) {
  return (
    <td>
      {latest && isOpen(latest) && (
        <input
          type="checkbox"
          aria-label={`Choose ${name}`}
          checked={isOn}
          onChange={(event) => onTick(latest.id, event.target.checked)}
        />
      )}
    </td>
  );
}

type LineProps = {
  line: Api['RegisterLine'];
  path: string;
  withLevels: boolean;
  tick: React.ReactNode;
};

function Line({ line, path, withLevels, tick }: LineProps) {
  const { latest, draft, progress, figures } = line;
  const newest = draft ?? latest;
  return (
    <tr className="border-t border-line align-baseline">
      {tick}
      <td className="py-1.5 pr-3 whitespace-nowrap">
        {listName(line.name)}
        {!latest && draft && <span className="block text-[13px] text-soft">{line.title}</span>}
      </td>
      <td className="pr-3">
        {latest ? (
          <Standing version={latest} path={path} />
        ) : (
          <span className="text-soft">{PROGRESS_WORDS[progress]}</span>
        )}
        {draft && <Standing version={draft} path={path} />}
        {line.changed && <span className="block text-[13px] text-petrol">changed since it came back</span>}
      </td>
      <td className="pr-3 text-[13.5px] whitespace-nowrap">
        {latest && moment(latest.sealedAt)}
        {line.late && <b className="block text-rust">late</b>}
      </td>
      {withLevels && (
        <td className="pr-3 whitespace-nowrap">
          {figures.chosen > 0 && `${figures.points} of ${figures.most}`}
        </td>
      )}
      <td className="text-[13.5px]">
        {newest?.word}
        {newest?.spoken && <span className="block text-soft">asks aloud</span>}
      </td>
    </tr>
  );
}

function Standing({ version, path }: { version: Api['VersionView']; path: string }) {
  return (
    <Link to={`${path}/${version.id}`} className="block hover:text-petrol hover:underline">
      <b className={isOpen(version) ? 'text-petrol' : ''}>{versionName(version)}</b>{' '}
      {STATE_WORDS[version.state]}
      {version.missing > 0 && `, ${version.missing} missing`}
    </Link>
  );
}
