import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export const accountQuery = queryOptions({
  queryKey: ['account'],
  queryFn: () => unwrap(api.GET('/api/account')),
});

export const begin = (body: Api['FirstVisitBody']) => unwrap(api.POST('/api/first-visit', { body }));

export const changePassword = (body: Api['NewPasswordBody']) =>
  unwrap(api.PUT('/api/account/password', { body }));

export const signOutDevice = (device: string) =>
  unwrap(api.DELETE('/api/account/devices/{device}', { params: { path: { device } } }));

export const signOutOfAll = () => unwrap(api.DELETE('/api/account/devices'));

/** How hard a password is to guess; asked while it is typed. */
export const strengthQuery = (body: Api['PasswordBody']) =>
  queryOptions({
    queryKey: ['password-strength', body],
    queryFn: () => unwrap(api.POST('/api/password-strength', { body })),
    enabled: body.password !== '',
    // A password is not kept longer than it is asked about.
    gcTime: 0,
    retry: false,
  });
