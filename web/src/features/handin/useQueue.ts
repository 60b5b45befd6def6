import { queryOptions } from '@tanstack/react-query';
import { useParams } from 'react-router';
import type { Api } from '../../api';
import { registerQuery, unaskedOfClassQuery } from './queries';
import { byListName } from './words';

/** A version in the row of those that are read one after the other. */
export type Turn = { line: Api['RegisterLine']; version: Api['VersionView'] };

/** The register that the address leads to: of set work, or of what was sent to a class's teachers unasked. */
export function useRegister() {
  const { setWork, class: unasked = '' } = useParams();
  return {
    query: setWork ? registerQuery(setWork) : queryOptions({ ...unaskedOfClassQuery(unasked) }),
    path: setWork ? `/set-work/${setWork}` : `/unasked/${unasked}`,
  };
}

/** All that is there to read, in the order of a class list: a draft that is later than the last version comes after it. */
export const turnsOf = (register: Api['RegisterView']): Turn[] =>
  byListName(register.students).flatMap((line) =>
    [line.latest, line.draft].flatMap((version) => (version ? [{ line, version }] : [])),
  );
