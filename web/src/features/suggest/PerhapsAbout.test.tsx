import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { entry, openPage } from '../../test/openPage';

const offer = (code: string) => ({
  point: `p-${code}`,
  code,
  title: `Statement of ${code}`,
  words: ['echo'],
});
const open = () =>
  openPage(
    [entry('e1'), entry('e2')],
    {
      'GET /api/entries/e1/suggestions': [offer('2.3a'), offer('2.3b')],
      'PUT /api/entries/*/notches/*': {},
      'PUT /api/entries/*/not-this/*': {},
    },
    '?entry=e1',
  );
const panel = () => screen.findByLabelText('What the chosen entry may be about');

test('offers points for the chosen entry and notches at one press', async () => {
  const { user, server } = await open();
  expect(within(await panel()).getAllByRole('listitem')).toHaveLength(2);
  await user.click(within(await panel()).getByRole('button', { name: /2.3a/ }));
  await waitFor(() => expect(server.sent('PUT /api/entries/e1/notches/p-2.3a')).toHaveLength(1));
});

test('does not offer again what was refused', async () => {
  const { user, server } = await open();
  await user.click(within(await panel()).getAllByRole('button', { name: 'Not this' })[0] as HTMLElement);
  await waitFor(() => expect(server.sent('PUT /api/entries/e1/not-this/p-2.3a')).toHaveLength(1));
  expect(within(await panel()).queryByRole('button', { name: /2.3a/ })).toBeNull();
});
