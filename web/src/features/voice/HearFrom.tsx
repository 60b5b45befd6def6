import { SaidAt } from './SaidAt';
import { usePageHearing } from './useHearing';

/** The way from what was made at a time (in ms since 1970) to what was said then; nothing where nobody talked. */
export function HearFrom({ madeAt }: { madeAt: number | undefined }) {
  const hearing = usePageHearing();
  const moment = hearing?.momentOf(madeAt);
  return hearing && moment ? <SaidAt moment={moment} onHear={hearing.onHear} /> : null;
}
