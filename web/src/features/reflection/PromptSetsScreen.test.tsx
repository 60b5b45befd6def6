import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, TEACHER, visit } from '../../test/visit';

const prompt = (question: string): Api['Prompt'] => ({
  question,
  range: { least: 30, most: 120 },
  asks: 'WORDS',
  openings: [],
});
const SET: Api['PromptSet'] = {
  id: 'ps1',
  name: 'Practicals',
  from: '2026-11-23',
  prompts: [prompt('What did you measure?'), prompt('How sure is it?')],
  isRead: false,
};
const answers = (sets: Api['PromptSet'][]) => ({ ours: [prompt('What worked?')], sets });
const OWN = 'PUT /api/prompt-sets/*';
const OF_CLASS = 'PUT /api/classes/c1/prompt-sets/*';

const own = (sets: Api['PromptSet'][], more: Record<string, unknown> = {}) =>
  visit('/prompts', {
    'GET /api/prompt-sets': answers(sets),
    [OWN]: {},
    'DELETE /api/prompt-sets/ps1': {},
    ...more,
  });

test('says which questions hold from which week on', async () => {
  await own([SET]);
  expect(screen.getByText('From week 12, Mon 23 Nov')).toBeTruthy();
  expect(screen.getByText('What did you measure?')).toBeTruthy();
  expect(screen.getByText('What worked?')).toBeTruthy();
});

test('begins a set with the questions that hold now', async () => {
  const { user, server } = await own([]);
  await user.click(screen.getByRole('button', { name: 'Add a set' }));
  await user.type(screen.getByLabelText('Name'), 'Mine');
  const question = screen.getByLabelText('Question 1');
  await user.clear(question);
  await user.type(question, 'What was hard?');
  await user.selectOptions(screen.getByLabelText('What else question 1 asks for'), 'a number');
  await user.type(screen.getByLabelText(/^Ways to begin/), 'It was hard because …');
  await user.click(screen.getByRole('button', { name: 'Keep these questions' }));
  await waitFor(() =>
    expect(server.sent(OWN)).toMatchObject([
      {
        name: 'Mine',
        prompts: [{ question: 'What was hard?', asks: 'NUMBER', openings: ['It was hard because …'] }],
      },
    ]),
  );
});

test('puts questions in order, adds and takes them out', async () => {
  const { user, server } = await own([SET]);
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  await user.click(screen.getByRole('button', { name: 'Move question 2 up' }));
  await user.click(screen.getByRole('button', { name: 'Add a question' }));
  await user.type(screen.getByLabelText('Question 3'), 'Why?');
  await user.click(screen.getByRole('button', { name: 'Take out question 2' }));
  await user.click(screen.getByRole('button', { name: 'Keep these questions' }));
  await waitFor(() =>
    expect(server.sent(OWN)).toMatchObject([
      { prompts: [{ question: 'How sure is it?' }, { question: 'Why?' }] },
    ]),
  );
});

test('keeps a range in order', async () => {
  const { user } = await own([SET]);
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  const least = screen.getByLabelText<HTMLInputElement>('Fewest words for question 1');
  await user.clear(least);
  await user.type(least, '200');
  expect(screen.getByLabelText<HTMLInputElement>('Most words for question 1').value).toBe('200');
});

test('says why a set is refused, and keeps it on the screen', async () => {
  const { user } = await own([SET], { [OWN]: refuse(422, 'A set has 1 to 12 questions.') });
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  await user.click(screen.getByRole('button', { name: 'Keep these questions' }));
  expect((await screen.findByRole('alert')).textContent).toBe('A set has 1 to 12 questions.');
  expect(screen.getByLabelText('Question 1')).toBeTruthy();
});

test('deletes a set and brings it back', async () => {
  const { user, server } = await own([SET]);
  await user.click(screen.getByRole('button', { name: 'Delete Practicals' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() => expect(server.sent(OWN)).toMatchObject([{ name: 'Practicals' }]));
});

test('lets a teacher say that sheets are read', async () => {
  const { user, server } = await visit('/classes/c1/prompts', {
    'GET /api/me': { person: { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] } },
    'GET /api/classes/c1/prompt-sets': answers([SET]),
    [OF_CLASS]: {},
  });
  expect(screen.getByRole('heading', { name: 'Weekly questions of 10B Physics' })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  const form = screen.getByRole('list', { name: 'Questions' }).closest('form') as HTMLElement;
  await user.click(within(form).getByRole('checkbox', { name: /^I read these sheets/ }));
  await user.click(screen.getByRole('button', { name: 'Keep these questions' }));
  await waitFor(() => expect(server.sent(OF_CLASS)).toMatchObject([{ isRead: true }]));
});
