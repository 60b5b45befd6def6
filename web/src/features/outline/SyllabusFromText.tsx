import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, Card, TextField, Trouble } from '../../ui';
import { KeepForm } from './KeepForm';
import { LeftOutLines } from './LeftOutLines';
import { keyed, type Line } from './lines';
import { readPdf, readText } from './queries';

type Made = { onMade: (edition: Api['EditionLine']) => void };

/** A syllabus from text that was copied out of a document, or from its PDF. */
export function SyllabusFromText({ onMade }: Made) {
  const [read, setRead] = useState<{ title: string; lines: Line[]; leftOut: Api['LeftOutView'][] }>();
  const reading = useMutation({
    mutationFn: (from: string | File) => (typeof from === 'string' ? readText(from) : readPdf(from)),
    onSuccess: (outline) => setRead({ ...outline, lines: keyed(outline.lines) }),
  });
  if (!read) return <TextCard reading={reading} />;
  return (
    <Card title="Look through the lines">
      <p className="text-soft">
        A line that others stand under is a unit or a topic; one that holds none is a point. Choose a line and
        press a key, or two with Shift.
      </p>
      <LeftOutLines lines={read.leftOut} />
      <KeepForm title={read.title} start={read.lines} onMade={onMade} onBack={() => setRead(undefined)} />
    </Card>
  );
}

type Reading = {
  mutate: (from: string | File) => void;
  isPending: boolean;
  error: Error | null;
};

function TextCard({ reading }: { reading: Reading }) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    reading.mutate(String(new FormData(event.currentTarget).get('text')));
  };
  return (
    <Card title="A syllabus from its text">
      <form onSubmit={submit}>
        <label htmlFor="outline-text" className="mb-1 block font-semibold">
          Paste the topics from the syllabus document
        </label>
        <textarea
          id="outline-text"
          name="text"
          required
          rows={9}
          maxLength={500_000}
          placeholder={'1 Waves\n1.1 Sound (15 %)\n1.1a how sound travels\n1.1b pitch and loudness'}
          className="w-full rounded-md border border-line bg-card px-2.5 py-1.5"
        />
        <p className="mb-3 text-[13px] text-soft">
          All of it, with its numbers; page numbers and headings of pages are taken out. You see every line
          before anything is kept.
        </p>
        <Button look="act" type="submit" disabled={reading.isPending}>
          Find the topics
        </Button>
      </form>
      <div className="mt-4 border-t border-line pt-3">
        <TextField
          label="Or its PDF"
          type="file"
          accept=".pdf,application/pdf"
          disabled={reading.isPending}
          onChange={(event) => event.target.files?.[0] && reading.mutate(event.target.files[0])}
        />
      </div>
      {reading.isPending && <p role="status">Reading…</p>}
      <Trouble>{reading.error?.message}</Trouble>
    </Card>
  );
}
