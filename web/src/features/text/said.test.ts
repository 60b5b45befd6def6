import { Editor } from '@tiptap/core';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { extensions } from './extensions';
import { followSound, type SaidMoment, saidLines, tie } from './said';

const REC = '018f0000-0000-7000-8000-000000000001';

let now: SaidMoment | undefined;
let editor: Editor;

beforeEach(() => {
  now = undefined;
  const element = document.body.appendChild(document.createElement('div'));
  editor = new Editor({
    element,
    extensions: extensions(
      () => {},
      '',
      () => now,
    ),
  });
});
afterEach(() => editor.destroy());

const at = (millis: number) => {
  now = { recording: REC, at: millis };
};
const type = (words: string) => editor.commands.insertContent(words);
const enter = () => editor.commands.splitBlock();
const moments = () => saidLines(editor.state.doc).map((line) => line.at);

test('ties each line to the moment at which it was begun', () => {
  type('Before. ');
  enter();
  at(4_000);
  type('Light bends');
  at(9_000);
  type(' toward the normal.');
  enter();
  at(15_000);
  type('And away.');
  expect(moments()).toEqual([4_000, 15_000]);
});

test('keeps a line’s moment when it is changed later', () => {
  at(4_000);
  type('Light bends.');
  now = undefined;
  editor.commands.setTextSelection(1);
  type('Why: ');
  at(60_000);
  editor.commands.setTextSelection(3);
  type('really, ');
  expect(moments()).toEqual([4_000]);
});

test('takes no moment for what comes from another device', () => {
  at(4_000);
  editor.commands.setContent('<p>From the tablet</p>', { emitUpdate: false });
  expect(moments()).toEqual([]);
});

test('ties a line to a moment afterwards, and unties it', () => {
  type('Light bends.');
  tie(editor, { recording: REC, at: 7_000 });
  expect(moments()).toEqual([7_000]);
  tie(editor, undefined);
  expect(moments()).toEqual([]);
});

test('lights up the lines of the moment that plays, and hears one at a press', () => {
  at(4_000);
  type('First.');
  enter();
  at(9_000);
  type('Second.');
  let look = () => {};
  let playing: SaidMoment | undefined;
  const heard: number[] = [];
  const end = followSound(editor, {
    now: () => undefined,
    recordings: [REC],
    playing: () => playing,
    subscribe: (listener) => {
      look = listener;
      return () => {};
    },
    onHear: (moment) => heard.push(moment.at),
  });
  const lit = () => [...editor.view.dom.querySelectorAll('.said-now')].map((one) => one.textContent);
  for (const [millis, words] of [
    [3_000, []],
    [4_500, ['First.']],
    [9_000, ['Second.']],
    [40_000, []],
  ] as const) {
    playing = { recording: REC, at: millis };
    look();
    expect(lit()).toEqual(words);
  }
  editor.view.dom.querySelectorAll<HTMLButtonElement>('.said-chip')[1]?.click();
  expect(heard).toEqual([9_000]);
  end();
});
