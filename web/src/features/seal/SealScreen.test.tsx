import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { Server, server } from '../../test/server';
import { OpenSealScreen } from './OpenSealScreen';

test('says that a file is no package, to somebody who is not signed in', async () => {
  const mine = new Server({ 'GET /api/seal-keys': [] });
  server.answer = (request) => mine.answer(request);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <OpenSealScreen />
    </QueryClientProvider>,
  );
  const file = new File(['a picture'], 'holiday.jpg');
  fireEvent.change(screen.getByLabelText(/Choose a PDF or package/), { target: { files: [file] } });
  expect((await screen.findByRole('status')).textContent).toContain(
    'This is neither a package nor a PDF of a sealed version.',
  );
  expect(screen.getByText('holiday.jpg')).toBeTruthy();
});
