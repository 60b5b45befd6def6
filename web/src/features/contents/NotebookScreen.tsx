import { useSuspenseQuery } from '@tanstack/react-query';
import { type DragEvent, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button, Card, Empty, Heading, Trouble } from '../../ui';
import { COVERS, type CoverColour } from './Cover';
import { FirstPage } from './FirstPage';
import { contentsQuery } from './queries';
import { type DropPart, inOrder, type Placed, placeAfter, placeOfDrop } from './sections';
import { type NotebookActs, useNotebookActs } from './useNotebookActs';

/** How a section that is dragged is known to the others. */
const DRAGGED_SECTION = 'application/x-notchbook-section';

const WITH_SYLLABUS =
  'No sections yet. One section for each unit lays the notebook out like the syllabus, so that every page knows its points.';
const WITHOUT_SYLLABUS = 'No sections yet. Name the first one, such as what you do in class now.';

/** The sections of a notebook to be made, named, nested, put in order and deleted; and its cover. */
export function NotebookScreen() {
  const { notebook = '' } = useParams();
  const contents = useSuspenseQuery(contentsQuery(notebook)).data;
  const acts = useNotebookActs(notebook);
  const placed = inOrder(contents.sections);
  return (
    <div className="max-w-3xl">
      <Heading name={`Sections of ${contents.notebook.title}`} className="mb-1 text-[24px]" />
      <p className="mb-3 text-soft">
        {contents.notebook.hasSyllabus ? (
          contents.notebook.edition
        ) : (
          <Link to={`/n/${notebook}/edition`} className="text-petrol hover:underline">
            No syllabus yet. Bring it in
          </Link>
        )}
      </p>
      <Trouble>{acts.error?.message}</Trouble>
      {contents.pages.length === 0 && placed.length > 0 && <FirstPage contents={contents} />}
      <Card>
        {placed.length === 0 && (
          <Empty>
            {contents.notebook.hasSyllabus ? WITH_SYLLABUS : WITHOUT_SYLLABUS} One for each week keeps it like
            a diary.
          </Empty>
        )}
        <ul>
          {placed.map((one) => (
            <SectionRow
              key={one.section.id}
              placed={one}
              all={contents.sections}
              notebook={notebook}
              acts={acts}
            />
          ))}
        </ul>
        <div className="mt-3 flex flex-wrap gap-2">
          <NewSection onAdd={acts.addSection} />
          {contents.notebook.hasSyllabus && (
            <Button look={placed.length === 0 ? 'act' : 'plain'} onClick={acts.sectionForEachUnit}>
              One section for each unit
            </Button>
          )}
          <Button onClick={acts.sectionForEachWeek}>One for each week</Button>
        </div>
      </Card>
      <fieldset className="mt-4 flex flex-wrap items-center gap-2">
        <legend className="float-left mr-3 font-head text-[15px] font-bold">Cover</legend>
        {(Object.keys(COVERS) as CoverColour[]).map((colour) => (
          <label
            key={colour}
            title={COVERS[colour].name}
            className="flex h-9 w-9 cursor-pointer items-center justify-center rounded border-2 border-transparent has-checked:border-ink has-focus-visible:outline-2"
          >
            <input
              type="radio"
              name="cover"
              className="sr-only"
              aria-label={COVERS[colour].name}
              checked={contents.notebook.cover === colour}
              onChange={() => acts.setCover(contents.notebook.title, colour)}
            />
            <span className={`h-6 w-6 rounded-[3px] ${COVERS[colour].look}`} />
          </label>
        ))}
      </fieldset>
    </div>
  );
}

function NewSection({ onAdd }: { onAdd: (title: string) => void }) {
  const [title, setTitle] = useState('');
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (title.trim()) onAdd(title);
        setTitle('');
      }}
    >
      <input
        aria-label="Title of a new section"
        placeholder="New section"
        value={title}
        onChange={(event) => setTitle(event.target.value)}
        className="min-h-8 rounded-md border border-line bg-card px-2.5"
      />
      <Button type="submit">Add</Button>
    </form>
  );
}

const DROP_LOOKS: Record<DropPart, string> = {
  before: 'shadow-[inset_0_3px_var(--petrol)]',
  inside: 'bg-petrol-wash',
  after: 'shadow-[inset_0_-3px_var(--petrol)]',
};

type RowProps = { placed: Placed; all: Placed['section'][]; notebook: string; acts: NotebookActs };

function SectionRow({ placed: { section, depth }, all, notebook, acts }: RowProps) {
  const [isNaming, setNaming] = useState(false);
  const [part, setPart] = useState<DropPart>();
  const move = (where: 'up' | 'down' | 'in' | 'out') => {
    const to = placeAfter(all, section, where);
    if (to) acts.moveSection(section, to);
  };
  const rename = (title: string) => {
    setNaming(false);
    if (title.trim() && title !== section.title) acts.changeSection(section.id, { title });
  };
  const drop = (event: DragEvent) => {
    setPart(undefined);
    const dragged = all.find((one) => one.id === event.dataTransfer.getData(DRAGGED_SECTION));
    const to = dragged && placeOfDrop(all, dragged, section, partAt(event));
    if (dragged && to) acts.moveSection(dragged, to);
  };
  return (
    <li
      draggable={!isNaming}
      className={`flex cursor-grab flex-wrap items-center gap-2 border-b border-line py-1.5 ${part ? DROP_LOOKS[part] : ''}`}
      style={{ paddingLeft: `${depth * 22}px` }}
      onDragStart={(event) => event.dataTransfer.setData(DRAGGED_SECTION, section.id)}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(DRAGGED_SECTION)) return;
        event.preventDefault();
        setPart(partAt(event));
      }}
      onDragLeave={() => setPart(undefined)}
      onDrop={drop}
    >
      <span className="w-8 text-right text-[12.5px] text-soft">{section.code}</span>
      {isNaming ? (
        <input
          aria-label={`New title of ${section.title}`}
          defaultValue={section.title}
          autoFocus
          className="min-h-8 flex-1 rounded border border-line bg-card px-2"
          onBlur={(event) => rename(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && rename(event.currentTarget.value)}
        />
      ) : (
        <Link
          to={`/n/${notebook}/s/${section.id}`}
          draggable={false}
          className={`flex-1 max-sm:basis-[70%] hover:underline ${depth === 0 ? 'font-semibold' : ''}`}
        >
          {section.title}
          {section.examYears && <span className="text-[13px] text-soft"> · exam {section.examYears}</span>}
        </Link>
      )}
      <span className="flex">
        {(['up', 'down', 'in', 'out'] as const).map((where) => (
          <Button
            key={where}
            look="quiet"
            disabled={!placeAfter(all, section, where)}
            aria-label={`Move ${section.title} ${where}`}
            title={`Move ${where}`}
            onClick={() => move(where)}
          >
            {{ up: '↑', down: '↓', in: '→', out: '←' }[where]}
          </Button>
        ))}
        <Button look="quiet" onClick={() => setNaming(true)}>
          Rename
        </Button>
        <Button look="quiet" onClick={() => acts.deleteSection(section)}>
          Delete
        </Button>
      </span>
    </li>
  );
}

/** The upper and lower quarter of a row stand for before and after it, the middle for inside. */
function partAt(event: DragEvent): DropPart {
  const box = event.currentTarget.getBoundingClientRect();
  const share = (event.clientY - box.top) / box.height;
  if (share < 0.25) return 'before';
  return share > 0.75 ? 'after' : 'inside';
}
