import { useSuspenseQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { Empty, Heading, plural } from '../../ui';
import { askedWords, SetWorkActs } from '../setwork';
import { Reading } from './Reading';
import { RegisterTable } from './RegisterTable';
import { turnsOf, useRegister } from './useQueue';
import { howFar } from './words';

/** A teacher reads what was handed in, one student after the other; before that, who is in and how it went. */
export function CheckScreen() {
  const { handIn } = useParams();
  const { query } = useRegister();
  const register = useSuspenseQuery(query).data;
  if (handIn) return <Reading id={handIn} register={register} />;
  const { setWork } = register.to;
  const turns = turnsOf(register);
  const waiting = turns.filter(({ version }) => version.state === 'WAITING').length;
  return (
    <div className="max-w-4xl">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4">
        <Heading
          name={setWork?.title ?? `Sent unasked by ${register.to.className}`}
          className="text-[24px]"
        />
        {setWork && (
          <SetWorkActs
            work={setWork}
            begun={register.students.filter(({ progress }) => progress !== 'NOT_BEGUN').length}
          />
        )}
      </div>
      {setWork && <p>{setWork.instructions}</p>}
      {setWork && askedWords(setWork) && <p className="text-soft">Asked for: {askedWords(setWork)}</p>}
      <p className="my-3 flex flex-wrap justify-between gap-x-4">
        <b>{waiting > 0 ? `${plural(waiting, 'version')} to read` : 'Nothing waits to be read.'}</b>
        {setWork && <span className="text-soft">{howFar(register.students)}</span>}
      </p>
      {turns.length > 0 || setWork ? (
        <RegisterTable register={register} />
      ) : (
        <Empty>Nobody has sent you anything by themselves.</Empty>
      )}
    </div>
  );
}
