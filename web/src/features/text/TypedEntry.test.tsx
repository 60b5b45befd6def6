import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import { documentText } from './documentText';
import type { TextMarking } from './marking';
import { ProseView } from './ProseView';
import { passageText } from './passageText';
import { TypedEntry } from './TypedEntry';

type Node = { type: string; text?: string; attrs?: object; marks?: object[]; content?: Node[] };
const paragraph = (text: string, ...marks: object[]): Node => ({
  type: 'paragraph',
  content: [{ type: 'text', text, marks }],
});
const doc = (...content: Node[]) => ({ type: 'doc', content });

const REST_MILLIS = 80;
const MARKING = { choices: [], spots: [], signs: [], onMark: () => {} };

const open = (content: unknown = doc({ type: 'paragraph' })) => {
  const kept: unknown[] = [];
  const pictures: File[] = [];
  const entry = (now: unknown) => (
    <TypedEntry
      content={now}
      isChosen
      marking={MARKING}
      onChange={(next) => kept.push(next)}
      onPicture={(picture) => pictures.push(picture)}
    />
  );
  const { rerender } = render(entry(content));
  const box = screen.getByRole('textbox', { name: 'Typed text' });
  /** What was kept when the typing had rested. */
  const last = async () => {
    await new Promise((rest) => setTimeout(rest, REST_MILLIS));
    return kept.at(-1);
  };
  return {
    box,
    kept,
    last,
    pictures,
    user: userEvent.setup(),
    show: (next: unknown) => rerender(entry(next)),
  };
};
/** An empty text takes the cursor by itself. */
const openToWrite = async () => {
  const opened = open();
  await waitFor(() => expect(document.activeElement).toBe(opened.box));
  return opened;
};
const paste = (box: HTMLElement, data: Record<string, string>, files: File[] = []) =>
  fireEvent.paste(box, {
    clipboardData: {
      getData: (type: string) => data[type] ?? '',
      files,
      types: Object.keys(data),
      items: [],
    },
  });
const types = (node: unknown): string[] => {
  const { type, content = [] } = node as Node;
  return [type, ...content.flatMap(types)];
};

test.each([
  ['Checks', 'taskList'],
  ['List', 'bulletList'],
  ['Numbers', 'orderedList'],
  ['Quotation', 'blockquote'],
  ['Heading', 'heading'],
])('turns a line into what "%s" says', async (tool, type) => {
  const { last, user } = open(doc(paragraph('Echo')));
  await user.click(screen.getByRole('button', { name: tool }));
  expect(types(await last())).toContain(type);
  expect(documentText(await last()).trim()).toBe('Echo');
});

test('puts a table in and shows its tools only while the cursor is in it', async () => {
  const { last, user } = await openToWrite();
  expect(screen.queryByRole('button', { name: 'Row below' })).toBeNull();
  await user.click(screen.getByRole('button', { name: /Put in/ }));
  await user.click(await screen.findByRole('menuitem', { name: 'Table' }));
  await user.click(await screen.findByRole('button', { name: 'Row below' }));
  expect(types(await last()).filter((type) => type === 'tableRow')).toHaveLength(4);
  await user.click(screen.getByRole('button', { name: 'Drop table' }));
  expect(types(await last())).not.toContain('table');
});

test('reads a table from a CSV file, or says why not', async () => {
  const { kept, user } = open();
  const file = screen.getByLabelText('CSV file for a table');
  await user.upload(file, new File(['try,s\n1,0.28\n'], 'times.csv', { type: 'text/csv' }));
  await waitFor(() => expect(documentText(kept.at(-1))).toContain('0.28'));
  await user.upload(file, new File(['\n'], 'empty.csv', { type: 'text/csv' }));
  expect(await screen.findByText('This file has no rows.')).toBeTruthy();
});

test('says where a quotation is from', async () => {
  const { kept } = open(
    doc({ type: 'blockquote', attrs: { source: '' }, content: [paragraph('It cracked.')] }),
  );
  fireEvent.change(await screen.findByLabelText('Where the quotation is from'), {
    target: { value: 'The town paper' },
  });
  await waitFor(() => expect(JSON.stringify(kept.at(-1))).toContain('"source":"The town paper"'));
});

test('takes a pasted page clean: no scripts, styles, frames or pictures from elsewhere', async () => {
  const { box, last } = open();
  paste(box, {
    'text/html': `<style>p{color:red}</style><script>alert(1)</script><h2 onclick="x()">Echo</h2>
      <p style="font:9pt Symbol" class="MsoNormal">Sound <b>bends</b><o:p></o:p>
      <a href="javascript:alert(1)">here</a> <a href="https://skerrow.example/">there</a></p>
      <iframe src="https://skerrow.example"></iframe><img src="https://skerrow.example/spy.png">`,
  });
  const text = JSON.stringify(await last());
  expect(documentText(await last())).toContain('Sound bends');
  expect(text).toContain('"href":"https://skerrow.example/"');
  expect(text).not.toMatch(/javascript|alert|iframe|image|style|onclick|Mso|spy/);
});

test('gives a pasted picture to the page and leaves the text alone', () => {
  const { box, kept, pictures } = open();
  paste(box, {}, [new File(['x'], 'wall.png', { type: 'image/png' })]);
  expect(pictures.map((picture) => picture.name)).toEqual(['wall.png']);
  expect(kept).toEqual([]);
});

test('pastes the words of a word processor as words although pictures lie beside them', () => {
  const { box, pictures } = open();
  paste(box, { 'text/html': '<p>Echo</p>' }, [new File(['x'], 'x.png', { type: 'image/png' })]);
  expect(pictures).toEqual([]);
  expect(box.textContent).toContain('Echo');
});

test('takes words from elsewhere only while nobody types here', async () => {
  const { box, show } = open(doc(paragraph('Light')));
  show(doc(paragraph('Light bends.')));
  await waitFor(() => expect(box.textContent).toBe('Light bends.'));
});

test('puts a formula in as it was shown', async () => {
  const { last, user } = await openToWrite();
  await user.click(screen.getByRole('button', { name: /Put in/ }));
  await user.click(await screen.findByRole('menuitem', { name: 'Formula' }));
  fireEvent.change(screen.getByLabelText(/TeX/), { target: { value: 'v = \\frac{2d}{t}' } });
  await user.click(screen.getByRole('button', { name: 'Put it in' }));
  expect(JSON.stringify(await last())).toContain(
    '{"type":"inlineMath","attrs":{"latex":"v = \\\\frac{2d}{t}"}}',
  );
});

test('shows a sealed text with all that can be written', () => {
  const { container } = render(
    <ProseView
      content={doc(
        paragraph('marked', { type: 'highlight', attrs: { color: 'rose' } }, { type: 'bold' }),
        paragraph('led', { type: 'link', attrs: { href: 'https://skerrow.example' } }),
        paragraph('misled', { type: 'link', attrs: { href: 'javascript:alert(1)' } }),
        { type: 'blockquote', attrs: { source: 'The town paper' }, content: [paragraph('It cracked.')] },
        {
          type: 'taskList',
          content: [{ type: 'taskItem', attrs: { checked: true }, content: [paragraph('Sketch')] }],
        },
        {
          type: 'table',
          content: [
            {
              type: 'tableRow',
              content: [{ type: 'tableHeader', attrs: { colspan: 2 }, content: [paragraph('s')] }],
            },
          ],
        },
        { type: 'blockMath', attrs: { latex: '2d = vt' } },
      )}
    />,
  );
  expect(container.querySelector('mark')?.dataset.color).toBe('rose');
  expect([...container.querySelectorAll('a')].map((link) => link.textContent)).toEqual(['led']);
  expect(container.querySelector('blockquote')?.dataset.source).toBe('The town paper');
  expect(screen.getByRole<HTMLInputElement>('checkbox').checked).toBe(true);
  expect(container.querySelector('th')?.colSpan).toBe(2);
  expect(container.querySelector('.katex annotation')?.textContent).toBe('2d = vt');
});

test('marks the line of the cursor by one key, and takes the mark off where it stands', async () => {
  const marked: [string, string][] = [];
  const marking = (signs: TextMarking['signs']): TextMarking => ({
    choices: [{ id: 'KEY', name: 'Key' }],
    spots: [],
    signs,
    onMark: (choice, passage) => marked.push([choice, passage]),
  });
  const kept: unknown[] = [];
  const text = doc(paragraph('An echo.'), paragraph('It is late.'));
  const entry = (signs: TextMarking['signs']) => (
    <TypedEntry
      content={kept.at(-1) ?? text}
      isChosen
      marking={marking(signs)}
      onChange={(next) => kept.push(next)}
      onPicture={() => {}}
    />
  );
  const { rerender } = render(entry([]));
  const box = screen.getByRole('textbox', { name: 'Typed text' });
  fireEvent.keyDown(box, { code: 'Digit1', key: '¡', altKey: true });
  const passage = marked[0]?.[1] ?? '';
  await waitFor(() => expect(JSON.stringify(kept.at(-1))).toContain(passage));
  expect(passageText(kept.at(-1), passage)).toBe('An echo.');
  const sign = document.createElement('b');
  rerender(entry([{ passage, key: 'k', sign, look: 'passage-key', choice: 'KEY' }]));
  await waitFor(() => expect(box.contains(sign)).toBe(true));
  fireEvent.keyDown(box, { code: 'Digit1', key: '1', altKey: true });
  expect(marked[1]).toEqual(['KEY', passage]);
});

test('ties a note to the line of the cursor where the page has a column, and underlines what is copied', async () => {
  const beside: string[] = [];
  render(
    <TypedEntry
      content={doc(paragraph('The water is slow and drops its load.'))}
      isChosen
      marking={{ ...MARKING, onBeside: (passage) => beside.push(passage) }}
      copiedRun="water is slow and drops"
      onChange={() => {}}
      onPicture={() => {}}
    />,
  );
  const box = screen.getByRole('textbox', { name: 'Typed text' });
  expect(box.querySelector('.copied-run')?.textContent).toBe('water is slow and drops');
  fireEvent.keyDown(box, { code: 'KeyB', key: 'b', altKey: true });
  expect(beside).toHaveLength(1);
  expect(box.querySelector(`[data-passage="${beside[0]}"]`)).toBeTruthy();
});
