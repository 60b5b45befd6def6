import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { TEACHER, visit } from '../../test/visit';

test('is one’s own guide first, with pictures that ship with it', async () => {
  const { heading, user } = await visit('/guide', {}, TEACHER);
  expect(heading.textContent).toBe('For teachers');
  for (const picture of screen.getAllByRole<HTMLImageElement>('img')) {
    expect(picture.alt).not.toBe('');
    expect(picture.getAttribute('src')).toMatch(/^\/.*\.png$/);
  }
  await user.click(screen.getByRole('link', { name: 'Students' }));
  expect((await screen.findByRole('heading', { level: 1 })).textContent).toBe('For students');
});
