import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, TextField, Trouble } from '../../ui';
import { syllabusQuery } from '../syllabus';
import type { Paper } from './paperGrid';
import { type Part, QuestionRows } from './QuestionRows';
import { usePaperActs } from './usePaperActs';

type Props = { notebook: string; paper: Paper; onClose: () => void };

/** One paper: when it was done, with what marks, and the files that go with it. */
export function PaperDialog({ notebook, paper, onClose }: Props) {
  const nodes = useQuery(syllabusQuery(notebook)).data ?? [];
  const topics = nodes.filter((node) => nodes.some((one) => one.parent === node.id && one.kind === 'POINT'));
  const acts = usePaperActs(notebook, onClose);
  const [parts, setParts] = useState<Part[]>(
    (paper.done?.parts ?? []).map((part) => ({
      ...part,
      marks: String(part.marks),
      outOf: String(part.outOf),
    })),
  );
  const [files, setFiles] = useState({ paperFile: paper.paperFile, scriptFile: paper.scriptFile });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const { year, sitting, variant } = paper;
    acts.keep(paper.id, { year, sitting, variant, paper: paper.paper, done: doneOf(form, parts), ...files });
  };
  return (
    <Dialog title={paper.name} onClose={onClose} size="wide">
      <form onSubmit={submit}>
        <Trouble>{acts.error?.message}</Trouble>
        <div className="grid grid-cols-2 gap-x-3 sm:grid-cols-4">
          <TextField label="Done on" name="day" type="date" defaultValue={paper.done?.day} />
          <TextField label="Marks" name="marks" inputMode="decimal" defaultValue={paper.done?.marks} />
          <TextField label="Out of" name="outOf" inputMode="decimal" defaultValue={paper.done?.outOf} />
          <TextField
            label="Minutes"
            name="minutes"
            type="number"
            min={1}
            defaultValue={paper.done?.minutes}
          />
        </div>
        <QuestionRows parts={parts} topics={topics} onChange={setParts} />
        <div className="mb-3 flex flex-wrap gap-x-8 gap-y-2">
          <FileField
            label="The paper"
            media={files.paperFile}
            onAttach={async (file) => setFiles({ ...files, paperFile: await acts.attach(file) })}
          />
          <FileField
            label="My marked script"
            media={files.scriptFile}
            onAttach={async (file) => setFiles({ ...files, scriptFile: await acts.attach(file) })}
          />
        </div>
        <div className="flex items-center gap-3">
          <Button look="act" type="submit" disabled={acts.isPending}>
            Keep it
          </Button>
          <Button look="warn" className="ml-auto" onClick={() => acts.remove(paper)}>
            Take it off the list
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** What was typed about doing it; nothing while there is no day. */
function doneOf(form: FormData, parts: Part[]): Api['DoneView'] | undefined {
  const text = (name: string) => String(form.get(name) ?? '').trim();
  const number = (typed: string) => (typed === '' ? undefined : Number(typed.replace(',', '.')));
  if (text('day') === '') return undefined;
  return {
    day: text('day'),
    marks: number(text('marks')),
    outOf: number(text('outOf')),
    minutes: number(text('minutes')),
    parts: parts
      .filter((part) => part.marks.trim() !== '' || part.outOf.trim() !== '')
      .map((part) => ({
        question: part.question,
        topic: part.topic,
        marks: number(part.marks) ?? 0,
        outOf: number(part.outOf) ?? 0,
      })),
  };
}

function FileField({
  label,
  media,
  onAttach,
}: {
  label: string;
  media: string | undefined;
  onAttach: (file: File) => Promise<void>;
}) {
  const [trouble, setTrouble] = useState('');
  return (
    <div>
      <label className="block font-semibold">
        {label}
        <input
          type="file"
          className="mt-1 block max-w-[260px] text-[13.5px] font-normal"
          onChange={(event) => {
            const file = event.target.files?.[0];
            setTrouble('');
            if (file) onAttach(file).catch((error: Error) => setTrouble(error.message));
          }}
        />
      </label>
      {media && (
        <a href={`/api/media/${media}`} className="text-[13.5px] font-semibold text-petrol hover:underline">
          Open what is there
        </a>
      )}
      <Trouble>{trouble}</Trouble>
    </div>
  );
}
