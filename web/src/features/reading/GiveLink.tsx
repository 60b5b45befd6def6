import { Button } from '../../ui';
import { type Giving, useGivingLink } from './useGivingLink';

/** The way to a link for a reader outside, where the school lets students give any. */
export function GiveLink(thing: Giving) {
  const { isAllowed, give, dialog } = useGivingLink(thing);
  if (!isAllowed) return null;
  return (
    <>
      <Button onClick={give}>Link for a reader</Button>
      {dialog}
    </>
  );
}
