import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, expect } from 'vitest';
import { server } from './server';

// The client takes its fetch and Request when it is made, so both have to be ours before that.
globalThis.fetch = (input, init) => server.answer(new Request(input, init));
globalThis.Request = class extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' && input.startsWith('/') ? `http://localhost${input}` : input, init);
  }
};

// What jsdom has no layout for.
HTMLElement.prototype.scrollIntoView = () => {};
Range.prototype.getClientRects = () => [] as unknown as DOMRectList;
Range.prototype.getBoundingClientRect = () => new DOMRect();
HTMLDialogElement.prototype.showModal ??= function open(this: HTMLDialogElement) {
  this.open = true;
};
HTMLDialogElement.prototype.close ??= function close(this: HTMLDialogElement) {
  this.open = false;
  this.dispatchEvent(new Event('close'));
};

// A machine that does three other things may need this long; one that does not never waits.
configure({ asyncUtilTimeout: 15_000 });

// What React and others write to the console is a fault that nobody sees while using it.
const complaints: string[] = [];
for (const level of ['error', 'warn'] as const)
  console[level] = (...said: unknown[]) => complaints.push(said.map(String).join(' '));

afterEach(() => {
  cleanup();
  localStorage.clear();
  expect(complaints.splice(0)).toEqual([]);
});
