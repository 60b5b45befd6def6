import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, TextField } from '../../ui';

type Props = {
  section: Api['SectionView'];
  nodes: Api['NodeView'][];
  onKeep: (change: Api['SectionBody']) => void;
  onClose: () => void;
};

/** What a section is called, which topics it is about, and which exam years need it. */
export function SectionSettings({ section, nodes, onKeep, onClose }: Props) {
  const [title, setTitle] = useState(section.title);
  const [topics, setTopics] = useState(section.topics);
  const [examYears, setExamYears] = useState(section.examYears);
  const choices = nodes.filter((node) => node.kind !== 'POINT');
  return (
    <Dialog title="This section" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onKeep({ title: title.trim() || section.title, topics, examYears: examYears.trim() });
          onClose();
        }}
      >
        <TextField
          label="Title"
          value={title}
          maxLength={120}
          onChange={(event) => setTitle(event.target.value)}
        />
        <fieldset className="mb-3">
          <legend className="mb-1 font-semibold">About</legend>
          <div className="max-h-[34vh] overflow-auto rounded-md border border-line p-2">
            {choices.map((node) => (
              <label
                key={node.id}
                className={`flex min-h-7 items-center gap-2 ${node.kind === 'TOPIC' ? 'pl-5' : 'font-semibold'}`}
              >
                <input
                  type="checkbox"
                  className="h-4 w-4 accent-petrol"
                  checked={topics.includes(node.id)}
                  onChange={(event) =>
                    setTopics(
                      event.target.checked ? [...topics, node.id] : topics.filter((one) => one !== node.id),
                    )
                  }
                />
                {node.code} {node.title}
              </label>
            ))}
          </div>
          <p className="mt-1 text-[13px] text-soft">Its points become the edge of the section’s pages.</p>
        </fieldset>
        <TextField
          label="Exam years that need it"
          placeholder="all"
          value={examYears}
          hint="Such as 2029, 2029- or 2028-2029; leave it empty for all."
          onChange={(event) => setExamYears(event.target.value)}
        />
        <Button look="act" type="submit">
          Keep
        </Button>
      </form>
    </Dialog>
  );
}
