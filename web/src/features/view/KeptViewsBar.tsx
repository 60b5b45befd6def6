import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, Menu, MenuItem, TextField, Trouble } from '../../ui';
import type { Look } from './look';
import { lookedAtQuery } from './queries';
import { useThings } from './useThings';

type Kept = Api['NamedView'];
type Props = { collection: string; look: Look; onLook: (look: Look) => void };

/** The view that is seen now, if it is one of these. */
const openOf = (views: readonly Kept[], look: Look): Kept | undefined => {
  const now = JSON.stringify(look);
  return views.find((view) => JSON.stringify({ ...look, ...view.look }) === now);
};

/** As JSON, in the letters that addresses have. */
const inAddress = (look: Look): string =>
  btoa(String.fromCharCode(...new TextEncoder().encode(JSON.stringify(look))))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');

type LooksProps = { views: readonly Kept[]; look: Look; onLook: (look: Look) => void };

/** Views that somebody kept, to be looked at and not changed. */
export function KeptLooks({ views, look, onLook }: LooksProps) {
  const open = openOf(views, look);
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      {views.map((view) => (
        <button
          key={view.id}
          type="button"
          aria-pressed={view === open}
          className={`min-h-8 rounded-md border px-2.5 hover:text-petrol ${view === open ? 'border-petrol bg-petrol-wash' : 'border-line bg-card'}`}
          onClick={() => onLook(view.look)}
        >
          {view.name}
        </button>
      ))}
    </div>
  );
}

/** The views that were kept under a name, and the way to keep the one that is seen. */
export function KeptViewsBar({ collection, look, onLook }: Props) {
  const views = useQuery(lookedAtQuery(collection)).data?.views ?? [];
  const { keepView, deleteView, trouble } = useThings(collection);
  const [named, setNamed] = useState<{ id?: string; name: string }>();
  const open = openOf(views, look);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (named) void keepView({ ...named, look }).then(() => setNamed(undefined));
  };
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      {views.map((view) => (
        <KeptChip
          key={view.id}
          view={view}
          isOpen={view === open}
          onOpen={() => onLook(view.look)}
          onPut={() => void keepView({ ...view, look })}
          onRename={() => setNamed({ id: view.id, name: view.name })}
          onDelete={() => deleteView(view)}
        />
      ))}
      <a
        href={`/api/collections/${collection}/view-pdf?look=${inAddress(look)}`}
        download
        className="inline-flex min-h-7 items-center px-1.5 font-semibold text-petrol hover:underline"
      >
        Save as PDF
      </a>
      {!open && (
        <Button look="quiet" onClick={() => setNamed({ name: '' })}>
          Keep this view
        </Button>
      )}
      {named && (
        <Dialog title="Keep this view" onClose={() => setNamed(undefined)}>
          <form onSubmit={keep}>
            <Trouble>{trouble}</Trouble>
            <TextField
              label="Name"
              value={named.name}
              maxLength={100}
              required
              autoFocus
              onChange={(event) => setNamed({ ...named, name: event.target.value })}
            />
            <Button look="act" type="submit">
              Keep it
            </Button>
          </form>
        </Dialog>
      )}
    </div>
  );
}

type ChipProps = {
  view: Kept;
  isOpen: boolean;
  onOpen: () => void;
  onPut: () => void;
  onRename: () => void;
  onDelete: () => void;
};

function KeptChip({ view, isOpen, onOpen, onPut, onRename, onDelete }: ChipProps) {
  return (
    <span
      className={`flex items-center rounded-md border ${isOpen ? 'border-petrol bg-petrol-wash' : 'border-line bg-card'}`}
    >
      <button
        type="button"
        aria-pressed={isOpen}
        className="min-h-8 pl-2.5 hover:text-petrol"
        onClick={onOpen}
      >
        {view.name}
      </button>
      <Menu name="" label={`Change the view ${view.name}`}>
        {!isOpen && <MenuItem onSelect={onPut}>Keep what is seen now as this</MenuItem>}
        <MenuItem onSelect={onRename}>Another name</MenuItem>
        <MenuItem onSelect={onDelete}>Delete</MenuItem>
      </Menu>
    </span>
  );
}
