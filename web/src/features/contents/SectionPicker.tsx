import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Dialog } from '../../ui';
import { NotebookChoice } from './NotebookChoice';
import { contentsQuery, useNotebook } from './queries';
import { inOrder } from './sections';

type Props = { title: string; onPick: (section: string, title: string) => void; onClose: () => void };

/** A section to choose, from any notebook. */
export function SectionPicker({ title, onPick, onClose }: Props) {
  const here = useNotebook()?.id ?? '';
  const [notebook, setNotebook] = useState(here);
  const sections = useQuery({ ...contentsQuery(notebook), enabled: !!notebook }).data?.sections ?? [];
  return (
    <Dialog title={title} onClose={onClose}>
      <NotebookChoice value={notebook} onChoose={setNotebook} className="mb-2 w-full" />
      <ul className="max-h-[50vh] overflow-auto">
        {inOrder(sections).map(({ section, depth }) => (
          <li key={section.id} style={{ paddingLeft: `${depth * 18}px` }}>
            <button
              type="button"
              className="flex w-full items-baseline gap-2 rounded px-2 py-1 text-left hover:bg-wash"
              onClick={() => onPick(section.id, section.title)}
            >
              <span className="w-8 shrink-0 text-[12.5px] text-soft">{section.code}</span>
              <span className="min-w-0 flex-1">{section.title}</span>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
