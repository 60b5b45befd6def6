import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Card, Empty, Heading } from '../../ui';
import { LinkRuleCard } from '../reading';
import { ClassesCard } from './ClassesCard';
import { EnterPeople } from './EnterPeople';
import { PasswordSlip } from './PasswordSlip';
import { PersonRow } from './PersonRow';
import { schoolQuery } from './queries';

/** The people and classes of a school, for its keeper. */
export function SchoolScreen() {
  const school = useSuspenseQuery(schoolQuery).data;
  const [slips, setSlips] = useState<Api['NewPassword'][]>([]);
  const others = school.people.filter((one) => one.role !== 'KEEPER');
  return (
    <div className="max-w-6xl">
      <Heading name="People and classes" className="mb-3 text-[24px]" />
      {slips.length > 0 && <PasswordSlip slips={slips} onDone={() => setSlips([])} />}
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3.5 lg:grid-cols-2">
        <div className="flex flex-col gap-3.5">
          <EnterPeople onEntered={setSlips} />
          <Card title="People">
            {others.length === 0 && <Empty>Nobody but you yet. Add teachers first, then students.</Empty>}
            <ul>
              {others.map((one) => (
                <PersonRow key={one.id} person={one} school={school} onGiven={(slip) => setSlips([slip])} />
              ))}
            </ul>
          </Card>
        </div>
        <div className="flex flex-col gap-3.5">
          <ClassesCard school={school} />
          <LinkRuleCard />
        </div>
      </div>
    </div>
  );
}
