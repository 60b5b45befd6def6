import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import { useKeys } from './useKeys';

function Page({ onKey, isDialog }: { onKey: (key: string) => void; isDialog?: boolean }) {
  useKeys({ w: () => onKey('w'), '/': () => onKey('/') });
  return (
    <>
      <input aria-label="line" />
      <textarea aria-label="lines" />
      <input type="checkbox" aria-label="box" />
      <select aria-label="choice" />
      {isDialog && <dialog open />}
    </>
  );
}

const press = async (label: string | undefined, keys: string, isDialog = false) => {
  const heard: string[] = [];
  render(<Page onKey={(key) => heard.push(key)} isDialog={isDialog} />);
  if (label) screen.getByLabelText(label).focus();
  await userEvent.setup().keyboard(keys);
  return heard;
};

test.each([
  ['nothing is being typed', undefined, 'w/', ['w', '/']],
  ['Shift makes it a capital', undefined, '{Shift>}W{/Shift}', ['w']],
  ['a check box has the focus', 'box', 'w', ['w']],
  ['a line is typed', 'line', 'w/', []],
  ['lines are typed', 'lines', 'w', []],
  ['a choice has the focus', 'choice', 'w', []],
  ['Control is held', undefined, '{Control>}w{/Control}', []],
  ['Alt is held', undefined, '{Alt>}w{/Alt}', []],
  ['no key of ours is pressed', undefined, 'qx', []],
])('acts when it should: %s', async (_, label, keys, heard) => {
  expect(await press(label, keys)).toEqual(heard);
});

test('leaves the keys to a dialog that is open', async () => {
  expect(await press(undefined, 'w', true)).toEqual([]);
});
