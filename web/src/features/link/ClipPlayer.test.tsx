import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import { ClipPlayer } from './ClipPlayer';

const show = (part: { from: string; to: string }) =>
  render(
    <ClipPlayer
      title="Ripple tank"
      clip={{ host: 'films.example', length: '3:14' }}
      player="/api/things/t1/clip"
      pictureId={undefined}
      part={part}
    />,
  );

test('asks nobody for a clip before it is played, and stops when it is closed', async () => {
  show({ from: '', to: '' });
  expect(screen.queryByTitle('Ripple tank')).toBeNull();
  expect(screen.getByText('films.example is asked for it when you play it.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Play the clip' }));
  expect(screen.getByTitle('Ripple tank').getAttribute('src')).toBe('/api/things/t1/clip');
  await userEvent.click(screen.getByRole('button', { name: 'Close the clip' }));
  expect(screen.queryByTitle('Ripple tank')).toBeNull();
});

test.each([
  [{ from: '', to: '' }, '3:14'],
  [{ from: '2:10', to: '' }, 'from 2:10 of 3:14'],
  [{ from: '', to: '0:40' }, 'until 0:40 of 3:14'],
  [{ from: '2:10', to: '2:40' }, '2:10 to 2:40 of 3:14'],
])('says which part of it plays', (part, words) => {
  show(part);
  expect(screen.getByText(words)).toBeTruthy();
});
