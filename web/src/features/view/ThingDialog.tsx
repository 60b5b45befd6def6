import { useQuery } from '@tanstack/react-query';
import { useKeeping } from '../../device';
import { Button, Dialog, TextField, Trouble, useParts } from '../../ui';
import { SourceFields } from '../source';
import { type Note, NoteField } from '../text';
import type { Collection, Item } from './details';
import { offeredQuery } from './queries';
import { ThingMarks } from './ThingMarks';
import { ThingPreview } from './ThingPreview';
import type { Telling } from './useThings';
import { ValueField } from './ValueField';

type Props = {
  collection: Collection;
  item: Item;
  trouble: string | undefined;
  onTell: (telling: Telling) => void;
  onClose: () => void;
};

/** All that is said of a thing: its name, why it was kept, where it stands, and its values. */
export function ThingDialog({ collection, item, trouble, onTell, onClose }: Props) {
  const offered = useQuery(offeredQuery(collection.id)).data ?? [];
  const headings = [...new Set(collection.items.map(({ heading }) => heading).filter(Boolean))];
  // What is typed is told when the hand rests, not letter by letter.
  const keepNote = useKeeping<Note>(
    ({ words, text }) => onTell({ note: words, text }),
    () => true,
  );
  return (
    <Dialog title={item.title} onClose={onClose} size="wide">
      <Trouble>{trouble}</Trouble>
      <ThingPreview item={item} />
      {item.card?.clip && <PartFields item={item} onTell={onTell} />}
      <TextField
        label="Name"
        defaultValue={item.title}
        maxLength={120}
        onBlur={({ target: { value } }) => value.trim() && value !== item.title && onTell({ title: value })}
      />
      <ThingMarks collection={collection.id} item={item} />
      <Words label="Why I kept it" words={item.why} onTell={(why) => onTell({ why })} />
      {item.kind === 'NOTE' ? (
        <NoteField note={{ words: item.note, text: item.text }} onChange={keepNote} />
      ) : (
        <Words label="A note beside it" words={item.note} onTell={(note) => onTell({ note })} />
      )}
      {item.kind !== 'ENTRY' && (
        <SourceFields source={item.source} found={item.found} onTell={(source) => onTell({ source })} />
      )}
      <TextField
        label="Under the heading"
        defaultValue={item.heading}
        maxLength={120}
        list="headings"
        onBlur={({ target: { value } }) => value !== item.heading && onTell({ heading: value })}
      />
      <datalist id="headings">
        {headings.map((heading) => (
          <option key={heading} value={heading} />
        ))}
      </datalist>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        {collection.details.map((detail) => (
          <div key={detail.id}>
            <span className="mb-1 block font-semibold">
              {detail.name}
              {detail.unit && <span className="font-normal text-soft">, {detail.unit}</span>}
            </span>
            <ValueField
              detail={detail}
              name={detail.name}
              values={item.values[detail.id] ?? []}
              offered={offered.find(({ name }) => name === detail.name)?.values ?? []}
              onType={(values) => onTell({ values: { [detail.id]: values } })}
            />
          </div>
        ))}
      </div>
      <Button className="mt-4" onClick={onClose}>
        Done
      </Button>
    </Dialog>
  );
}

function Words({ label, words, onTell }: { label: string; words: string; onTell: (words: string) => void }) {
  return (
    <label className="mb-3 block font-semibold">
      {label}
      <textarea
        defaultValue={words}
        rows={3}
        maxLength={4000}
        className="mt-1 block field-sizing-content min-h-20 w-full rounded-md border border-line bg-card p-2 font-normal"
        onBlur={({ target: { value } }) => value !== words && onTell(value)}
      />
    </label>
  );
}

/** Which part of its clip plays, in minutes and seconds. */
function PartFields({ item: { played }, onTell }: Pick<Props, 'item' | 'onTell'>) {
  const tell = useParts(played, (wished) => onTell({ played: wished }));
  const told = (part: Partial<Item['played']>) => {
    const wished = { ...played, ...part };
    if (wished.from !== played.from || wished.to !== played.to) tell(part);
  };
  return (
    <div className="grid grid-cols-2 gap-x-4">
      <TextField
        label="Play it from"
        placeholder="0:00"
        maxLength={9}
        defaultValue={played.from}
        onBlur={({ target: { value } }) => told({ from: value.trim() })}
      />
      <TextField
        label="Until"
        placeholder="its end"
        maxLength={9}
        defaultValue={played.to}
        onBlur={({ target: { value } }) => told({ to: value.trim() })}
      />
    </div>
  );
}
