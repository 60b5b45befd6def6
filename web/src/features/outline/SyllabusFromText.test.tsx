import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { refuse, visit } from '../../test/visit';

const line = (depth: number, number: string, text: string, question?: string) => ({
  depth,
  number,
  text,
  weight: '',
  tier: 'CORE',
  years: '',
  note: '',
  ...(question && { question }),
});
const OUTLINE = {
  title: 'Physics',
  lines: [
    line(0, '1', 'Waves'),
    line(1, '1.1', 'Sound'),
    line(1, '1.1a', 'how sound travels', 'Is it a point?'),
    line(2, '1.1b', 'pitch and loud-'),
    line(2, '', 'ness'),
  ],
  leftOut: [{ number: 7, text: 'Page 3 of 9', reason: 'the number of a page' }],
};
const MADE = { codes: ['1', '1.1', '1.1a', '1.1b', '1.1c'], units: 1, topics: 1, points: 3, lines: [] };

const read = async (more: Record<string, unknown> = {}) => {
  const visited = await visit('/syllabi', {
    'GET /api/editions': [],
    'POST /api/outline-texts': OUTLINE,
    'POST /api/outline-lines': MADE,
    'POST /api/outlines': { id: 'ed9', code: 'NB-9', title: 'Physics', isKept: true },
    'GET /api/editions/ed9': {
      id: 'ed9',
      code: 'NB-9',
      title: 'Physics',
      version: 1,
      isKept: true,
      nodes: [],
    },
    ...more,
  });
  await visited.user.type(screen.getByLabelText('Paste the topics from the syllabus document'), '1 Waves');
  await visited.user.click(screen.getByRole('button', { name: 'Find the topics' }));
  return visited;
};
const tree = () => screen.findByRole('tree', { name: 'Lines of the syllabus' });
const drawn = () =>
  screen.getAllByRole('treeitem').map((item) => `${item.getAttribute('aria-level')} ${item.textContent}`);

test('mends the lines by keys alone, and keeps what came of it', async () => {
  const { user, server, router } = await read();
  (await tree()).focus();
  // The line that is asked about goes in, with what stood under it; the two after it come out again and are joined.
  await user.keyboard('g{ArrowRight}y{ArrowDown}{Shift>}{ArrowDown}{/Shift}{ArrowLeft}j');
  await user.type(screen.getByLabelText('Code of the syllabus'), 'NB-9');
  await user.click(screen.getByRole('button', { name: 'Keep this syllabus' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/syllabi/ed9'));
  expect(server.sent('POST /api/outlines')).toMatchObject([
    {
      code: 'NB-9',
      title: 'Physics',
      lines: [
        { depth: 0, text: 'Waves' },
        { depth: 1, text: 'Sound' },
        { depth: 2, text: 'how sound travels' },
        { depth: 2, text: 'pitch and loudness' },
      ],
    },
  ]);
});

test('leaves out, takes back, and changes the words of a line', async () => {
  const { user } = await read();
  (await tree()).focus();
  await user.keyboard('{ArrowDown}x');
  expect(drawn()).toHaveLength(4);
  await user.keyboard('{Control>}z{/Control}');
  expect(drawn()).toHaveLength(5);
  await user.keyboard('{Home}{Enter}');
  const words = screen.getByLabelText('Words');
  await user.clear(words);
  await user.type(words, 'Waves and sound{Enter}');
  expect(drawn()[0]).toContain('Waves and sound');
  await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('tree')));
});

test('parts a line where the cursor is', async () => {
  const { user } = await read();
  (await tree()).focus();
  await user.keyboard('{ArrowDown}{ArrowDown}{Enter}');
  screen.getByLabelText<HTMLTextAreaElement>('Words').setSelectionRange(3, 3);
  await user.keyboard('{Enter}');
  expect(drawn().slice(2, 4).join()).toMatch(/how,.*sound travels/);
});

test('says what was left out of the document', async () => {
  const { user } = await read();
  await user.click(await screen.findByText('1 line of the document left out'));
  expect(screen.getByText('the number of a page')).toBeTruthy();
});

test('keeps nothing while something has to be mended, and says what', async () => {
  await read({
    'POST /api/outline-lines': { ...MADE, lines: [{ line: 2, message: 'The weights sum to 120.' }] },
  });
  const second = (await screen.findAllByRole('treeitem'))[1] as HTMLElement;
  expect(await within(second).findByText('The weights sum to 120.')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep this syllabus' }).disabled).toBe(true);
});

test('says why a text gave no syllabus, and keeps the text', async () => {
  await read({ 'POST /api/outline-texts': refuse(422, 'No line of a syllabus was found in this.') });
  expect(await screen.findByText('No line of a syllabus was found in this.')).toBeTruthy();
  expect(
    screen.getByLabelText<HTMLTextAreaElement>('Paste the topics from the syllabus document').value,
  ).toBe('1 Waves');
});
