import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Dialog, dayName } from '../../ui';
import { NotebookChoice } from './NotebookChoice';
import { contentsQuery, useNotebook } from './queries';

type Props = { title: string; notIn: string; onPick: (page: string) => void; onClose: () => void };

/** A page to choose from any notebook, by a word of its title or of its section's. */
export function PagePicker({ title, notIn, onPick, onClose }: Props) {
  const here = useNotebook()?.id ?? '';
  const [notebook, setNotebook] = useState(here);
  const [typed, setTyped] = useState('');
  const contents = useQuery({ ...contentsQuery(notebook), enabled: !!notebook }).data;
  const sectionOf = new Map(contents?.sections.map((section) => [section.id, section]));
  const found = (contents?.pages ?? [])
    .filter((page) => page.id !== notIn)
    .filter((page) =>
      `${page.title} ${sectionOf.get(page.sectionId)?.title}`.toLowerCase().includes(typed.toLowerCase()),
    )
    .sort((a, b) => b.day.localeCompare(a.day));
  return (
    <Dialog title={title} onClose={onClose}>
      <div className="flex gap-2">
        <input
          aria-label="Word of the title"
          placeholder="Word of the title"
          value={typed}
          className="min-h-9 min-w-0 flex-1 rounded-md border border-line bg-card px-2.5"
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && found[0] && onPick(found[0].id)}
        />
        <NotebookChoice value={notebook} onChoose={setNotebook} className="max-w-40" />
      </div>
      <ul className="mt-2 max-h-[50vh] overflow-auto">
        {found.map((page) => (
          <li key={page.id}>
            <button
              type="button"
              className="flex w-full items-baseline gap-3 rounded px-2 py-1.5 text-left hover:bg-wash"
              onClick={() => onPick(page.id)}
            >
              <span className="w-20 shrink-0 text-[13px] text-soft">{dayName(page.day)}</span>
              <span className="min-w-0 flex-1 truncate">{page.title}</span>
              <span className="text-[13px] text-soft">{sectionOf.get(page.sectionId)?.code}</span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="p-2 text-soft">No page has this word in its title.</li>}
      </ul>
    </Dialog>
  );
}
