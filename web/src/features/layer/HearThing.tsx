import { Button, length } from '../../ui';
import { usePageHearing } from '../voice';
import { madeAtOf } from './heard';
import type { Thing } from './things';

/** The way from a thing to what was said when it was made. */
export function HearThing({ thing }: { thing: Thing }) {
  const hearing = usePageHearing();
  const moment = hearing?.momentOf(madeAtOf(thing));
  if (!hearing || !moment) return null;
  return (
    <Button className="mt-1.5 min-h-7 px-2 text-[14px]" onClick={() => hearing.onHear(moment)}>
      Hear from {length(moment.at / 1000)}
    </Button>
  );
}
