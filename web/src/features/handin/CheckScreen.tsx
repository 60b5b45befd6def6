import { useSuspenseQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { Empty, Heading } from '../../ui';
import { registerQuery } from './queries';
import { Reading } from './Reading';

/** A teacher reads what was handed in, one student after the other. */
export function CheckScreen() {
  const { setWork = '', handIn } = useParams();
  const register = useSuspenseQuery(registerQuery(setWork)).data;
  if (handIn) return <Reading id={handIn} register={register} />;
  const waiting = register.students.filter((line) => line.latest?.state === 'WAITING').length;
  return (
    <div className="max-w-2xl">
      <Heading name={register.setWork.title} className="mb-2 text-[24px]" />
      <p className="mb-4">{register.setWork.instructions}</p>
      <Empty>
        {waiting > 0 ? `${waiting} wait to be read. Choose one at the left.` : 'Nothing waits to be read.'}
      </Empty>
    </div>
  );
}
