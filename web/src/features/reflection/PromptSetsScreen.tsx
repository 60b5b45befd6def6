import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, Card, dayName, Heading, Trouble } from '../../ui';
import { useMe } from '../people';
import { rulerQuery } from '../shell/queries';
import { PromptSetEditor } from './PromptSetEditor';
import { promptSetsQuery } from './queries';
import { usePromptSets } from './usePromptSets';

type PromptSet = Api['PromptSet'];

/** What weekly sheets ask, and from which week on: for a student's own, or for a class by its teacher. */
export function PromptSetsScreen() {
  const { class: classId } = useParams();
  const me = useMe();
  const { ours, sets } = useSuspenseQuery(promptSetsQuery(classId)).data;
  const { weeks, thisMonday } = useSuspenseQuery(rulerQuery).data;
  const { keep, remove, error } = usePromptSets(classId);
  const [edited, setEdited] = useState<PromptSet>();
  const name = me.classes.find((one) => one.id === classId)?.name;
  const next = weeks.find((week) => week.monday > thisMonday && week.number)?.monday ?? thisMonday;
  const begin = () =>
    setEdited({ id: newId(), name: '', from: next, prompts: sets.at(-1)?.prompts ?? ours, isRead: false });
  return (
    <div className="max-w-3xl">
      <Heading name={classId ? `Weekly questions of ${name}` : 'Questions for your weekly sheets'} />
      <p className="mb-3 text-soft">
        {classId
          ? 'Each sheet asks the set that began last. Sheets that are written keep the questions that they answer.'
          : 'Each sheet asks the set that began last; your class’s questions come before your own. Sheets that are written keep the questions that they answer.'}
        {classId && (
          <>
            {' '}
            <Link to={`/classes/${classId}/sheets`} className="font-semibold text-petrol hover:underline">
              Who has written
            </Link>
          </>
        )}
      </p>
      <Trouble>{error?.message}</Trouble>
      {edited ? (
        <Card>
          <PromptSetEditor
            key={edited.id}
            set={edited}
            weeks={weeks}
            isOfClass={!!classId}
            onKeep={(set) => keep(set, () => setEdited(undefined))}
            onCancel={() => setEdited(undefined)}
          />
        </Card>
      ) : (
        <>
          <Button look="act" className="mb-3" onClick={begin}>
            Add a set
          </Button>
          {sets.toReversed().map((set) => (
            <Card
              key={set.id}
              title={set.name}
              className="mb-3"
              aside={
                <span className="flex gap-1">
                  <Button look="quiet" aria-label={`Change ${set.name}`} onClick={() => setEdited(set)}>
                    Change
                  </Button>
                  <Button look="quiet" aria-label={`Delete ${set.name}`} onClick={() => remove(set)}>
                    Delete
                  </Button>
                </span>
              }
            >
              <p className="mb-1 text-[13.5px] text-soft">
                From {weekName(set.from, weeks)}
                {set.isRead && ' · you read these sheets'}
              </p>
              <Questions prompts={set.prompts} />
            </Card>
          ))}
          <Card title="Ours">
            <p className="mb-1 text-[13.5px] text-soft">In every week for which nobody wrote others.</p>
            <Questions prompts={ours} />
          </Card>
        </>
      )}
    </div>
  );
}

const BESIDE: Partial<Record<Api['Prompt']['asks'], string>> = {
  PIECE: 'a piece of work',
  TOPIC: 'a topic',
  NUMBER: 'a number',
  RATING: 'how sure',
};

function Questions({ prompts }: { prompts: Api['Prompt'][] }) {
  return (
    <ol className="list-decimal pl-5">
      {prompts.map(({ question, range, asks }) => (
        <li key={question} className="py-0.5">
          {question}{' '}
          <span className="text-[13.5px] text-soft">
            {range.least} to {range.most} words{BESIDE[asks] && `, ${BESIDE[asks]}`}
          </span>
        </li>
      ))}
    </ol>
  );
}

const weekName = (monday: string, weeks: Api['RulerWeek'][]) => {
  const number = weeks.find((week) => week.monday === monday)?.number;
  return `${number ? `week ${number}, ` : ''}${dayName(monday)}`;
};
