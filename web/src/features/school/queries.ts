import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export const schoolQuery = queryOptions({
  queryKey: ['school'],
  queryFn: () => unwrap(api.GET('/api/school')),
});

export const enterPeople = (role: Api['MemberView']['role'], names: string[]) =>
  unwrap(api.POST('/api/school/people', { body: { role, names } }));

export const givePassword = (id: string) =>
  unwrap(api.POST('/api/school/people/{id}/password', { params: { path: { id } } }));

export const keepClass = (id: string, body: Api['ClassBody']) =>
  unwrap(api.PUT('/api/school/classes/{id}', { params: { path: { id } }, body }));
