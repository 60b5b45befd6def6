import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, TEACHER, visit } from '../../test/visit';

const SHEET: Api['PlanSheetView'] = {
  name: '10B Physics',
  weeks: 36,
  week: 12,
  topics: [
    { id: 't1', code: '2.3', title: 'Echoes', planned: { first: 7, last: 8 } },
    { id: 't2', code: '2.4', title: 'Ultrasound' },
  ],
};
const strip = (name: RegExp) => screen.getByRole('group', { name });

test('lets a teacher plan by keys, shown at once', async () => {
  const { user, server } = await visit(
    '/classes/c1/plan',
    {
      'GET /api/classes/c1/plan': SHEET,
      'PUT /api/classes/c1/plan/*': {},
      'DELETE /api/classes/c1/plan/*': {},
    },
    TEACHER,
  );
  strip(/Echoes/).focus();
  await user.keyboard('{Shift>}{ArrowRight}{/Shift}');
  await waitFor(() => expect(server.sent('PUT /api/classes/c1/plan/t1')).toEqual([{ first: 7, last: 9 }]));
  strip(/Ultrasound: not planned/).focus();
  await user.keyboard('{Enter}');
  await waitFor(() => expect(server.sent('PUT /api/classes/c1/plan/t2')).toEqual([{ first: 12, last: 12 }]));
  strip(/Echoes/).focus();
  await user.keyboard('{Delete}');
  await waitFor(() => expect(server.sent('DELETE /api/classes/c1/plan/t1')).toHaveLength(1));
});

test('draws weeks by hand', async () => {
  const { server } = await visit(
    '/classes/c1/plan',
    { 'GET /api/classes/c1/plan': SHEET, 'PUT /api/classes/c1/plan/*': {} },
    TEACHER,
  );
  const target = strip(/Ultrasound/);
  target.getBoundingClientRect = () => ({ left: 0, width: 360 }) as DOMRect;
  target.setPointerCapture = () => {};
  fireEvent.pointerDown(target, { clientX: 95, pointerId: 1 });
  fireEvent.pointerMove(target, { clientX: 118, pointerId: 1 });
  fireEvent.pointerUp(target, { clientX: 118, pointerId: 1 });
  await waitFor(() => expect(server.sent('PUT /api/classes/c1/plan/t2')).toEqual([{ first: 10, last: 12 }]));
});

test('says line by line what is wrong with a file of a plan', async () => {
  const { user } = await visit(
    '/classes/c1/plan',
    {
      'GET /api/classes/c1/plan': SHEET,
      'POST /api/classes/c1/plan.csv': refuse(422, 'One thing has to be mended in this file.'),
    },
    TEACHER,
  );
  await user.upload(
    screen.getByLabelText('CSV file of the plan'),
    new File(['x'], 'p.csv', { type: 'text/csv' }),
  );
  expect(await screen.findByText(/One thing has to be mended in this file./)).toBeTruthy();
});

test('lets a student shift a topic and go back to the class’s weeks', async () => {
  const shifted = { ...SHEET, topics: [{ ...SHEET.topics[0], own: { first: 14, last: 14 } }] };
  const { user, server } = await visit('/n/n1/plan', {
    'GET /api/notebooks/n1/plan': shifted,
    'DELETE /api/notebooks/n1/plan/t1': {},
  });
  expect(screen.getByText('week 14')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /^Back to weeks 7 to 8\s*: 2\.3$/ }));
  await waitFor(() => expect(server.sent('DELETE /api/notebooks/n1/plan/t1')).toHaveLength(1));
});
