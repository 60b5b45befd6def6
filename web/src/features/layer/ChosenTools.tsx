import type { ReactNode } from 'react';
import { Button, plural } from '../../ui';
import { HearFrom } from '../voice';
import { clip } from './clip';
import { changed, locked, stepped, without } from './edits';
import { madeAtOf } from './heard';
import { Swatches } from './SurfaceTools';
import { stretched } from './surfaceKeys';
import { copies, nameOf, recoloured, type Thing } from './things';
import { COLOURS } from './tools';
import type { Surfaced } from './useHistory';
import type { SurfaceState } from './useSurface';

type Props = {
  surface: SurfaceState;
  history: Surfaced;
  canLock?: boolean;
  more?: (thing: Thing) => ReactNode;
};

const SMALL = 'min-h-7 px-2 text-[14px]';

/** What can be done with what is chosen on a surface. */
export function ChosenTools({ surface, history, canLock, more }: Props) {
  const { chosen, worded, one } = surface;
  if (chosen.size === 0 && !worded) return null;
  return (
    <section
      className="no-print mt-1.5 rounded-md border border-line bg-wash px-2.5 py-2"
      aria-label="What is chosen"
    >
      {worded && (
        <WordsLine
          key={worded.id}
          thing={worded}
          isFresh={worded.id === surface.fresh}
          onWords={(words) => surface.write(worded, words)}
        />
      )}
      {chosen.size > 0 && <Acts surface={surface} history={history} canLock={canLock} />}
      {one && <HearFrom madeAt={madeAtOf(one)} />}
      {one && more?.(one)}
    </section>
  );
}

type WordsProps = { thing: Thing; isFresh: boolean; onWords: (words: string) => void };

function WordsLine({ thing, isFresh, onWords }: WordsProps) {
  const words = 'words' in thing ? thing.words : '';
  return (
    <label className="mb-1.5 flex items-center gap-2 text-[14px]">
      {thing.kind === 'spot' ? `What there is to say at ${thing.number}` : 'Its words'}
      <textarea
        className="min-h-8 min-w-0 flex-1 rounded-md border border-line bg-card px-2 py-1"
        rows={Math.max(1, words.split('\n').length)}
        maxLength={500}
        value={words}
        // Whoever puts a label means to type it; whoever comes by one with keys goes on.
        autoFocus={isFresh}
        onChange={(event) => onWords(event.target.value)}
      />
    </label>
  );
}

function Acts({ surface, history, canLock }: Omit<Props, 'more'>) {
  const { chosen, choose, one } = surface;
  const { things, put } = history;
  const picked = things.filter((thing) => chosen.has(thing.id));
  const areLocked = picked.every((thing) => thing.locked);
  const add = (added: Thing[]) => {
    put([...things, ...added]);
    choose(added.map((thing) => thing.id));
  };
  const act = (name: string, does: () => void, isOff = areLocked) => (
    <Button key={name} className={SMALL} onClick={does} disabled={isOff}>
      {name}
    </Button>
  );
  const colour = one && 'colour' in one ? one.colour : undefined;
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <b className="mr-1 max-w-full truncate text-[14px]">
        {one ? nameOf(one) : plural(chosen.size, 'thing')}
      </b>
      {!areLocked && picked.some((thing) => 'colour' in thing) && (
        <Swatches
          colours={one?.kind === 'ink' && one.tool === 'highlighter' ? COLOURS.highlighter : COLOURS.words}
          chosen={colour}
          onChoose={(next) => put(changed(things, chosen, (thing) => recoloured(thing, next)))}
        />
      )}
      {act('Smaller', () => put(stretched(things, chosen, 1 / 1.25)))}
      {act('Larger', () => put(stretched(things, chosen, 1.25)))}
      {act('Forward', () => put(stepped(things, chosen, 1)), false)}
      {act('Back', () => put(stepped(things, chosen, -1)), false)}
      {act('Duplicate', () => add(copies(picked, things)), false)}
      {act('Copy', () => clip.keep(picked), false)}
      {clip.things().length > 0 && act('Paste', () => add(copies(clip.things(), things)), false)}
      {canLock && act(areLocked ? 'Unlock' : 'Lock', () => put(locked(things, chosen, !areLocked)), false)}
      {act('Delete', () => {
        put(without(things, chosen));
        choose([]);
      })}
    </div>
  );
}
