import { useQuery } from '@tanstack/react-query';
import { Menu, MenuItem } from '../../ui';
import { notebooksQuery } from '../contents';
import type { BookPage } from './queries';

type NewPage = Pick<BookPage, 'kind' | 'heading' | 'question' | 'range' | 'notebook'>;

const WORDS: NewPage = {
  kind: 'WORDS',
  heading: 'A page of my own',
  question: '',
  range: { least: 0, most: 400 },
};

/** Adds a page: words of one's own, or pieces or figures of a notebook. */
export function AddPage({ onAdd }: { onAdd: (page: NewPage) => void }) {
  const notebooks = useQuery(notebooksQuery).data ?? [];
  return (
    <Menu name="Add a page">
      <MenuItem onSelect={() => onAdd(WORDS)}>Words of my own</MenuItem>
      {notebooks.map(({ id, title }) => (
        <MenuItem
          key={id}
          onSelect={() =>
            onAdd({
              kind: 'SUBJECT',
              heading: `${title}, more pieces`,
              question: 'Which pieces belong here, and why?',
              range: { least: 20, most: 80 },
              notebook: id,
            })
          }
        >
          Pieces of {title}
        </MenuItem>
      ))}
    </Menu>
  );
}
