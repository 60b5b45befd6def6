import type { Editor, JSONContent } from '@tiptap/react';
import { useEditorState } from '@tiptap/react';
import { Tool } from './Tool';
import { columnFigures, tableToCsv } from './tableCsv';

/** What can be done with the table that the cursor stands in, and the sum and mean of its column. */
export function TableTools({ editor }: { editor: Editor }) {
  const figures = useEditorState({ editor, selector: ({ editor: now }) => figuresAtCursor(now) });
  const run = (act: (chain: ReturnType<Editor['chain']>) => ReturnType<Editor['chain']>) => () =>
    act(editor.chain().focus()).run();
  return (
    <>
      <Tool name="Row below" onPress={run((chain) => chain.addRowAfter())} />
      <Tool name="Column right" onPress={run((chain) => chain.addColumnAfter())} />
      <Tool name="Heading row" onPress={run((chain) => chain.toggleHeaderRow())} />
      <Tool name="Drop row" onPress={run((chain) => chain.deleteRow())} />
      <Tool name="Drop column" onPress={run((chain) => chain.deleteColumn())} />
      <Tool name="Drop table" onPress={run((chain) => chain.deleteTable())} />
      <Tool name="Save as CSV" onPress={() => save(tableToCsv(tableAtCursor(editor)?.table ?? {}))} />
      {figures && (
        <span className="px-1 text-soft">
          Sum {figures.sum} · mean {figures.mean}
        </span>
      )}
    </>
  );
}

type Place = { table: JSONContent; column: number };

/** The table around the cursor and the column of the cursor's cell. */
function tableAtCursor(editor: Editor): Place | undefined {
  const { $from } = editor.state.selection;
  for (let depth = $from.depth; depth > 1; depth--) {
    if ($from.node(depth).type.name === 'tableRow')
      return { table: $from.node(depth - 1).toJSON(), column: $from.index(depth) };
  }
  return undefined;
}

function figuresAtCursor(editor: Editor) {
  const place = tableAtCursor(editor);
  return place && columnFigures(place.table, place.column);
}

function save(csv: string) {
  const url = URL.createObjectURL(new Blob([csv], { type: 'text/csv' }));
  const link = Object.assign(document.createElement('a'), { href: url, download: 'table.csv' });
  link.click();
  URL.revokeObjectURL(url);
}
