import { useSearchParams } from 'react-router';
import { Button } from '../../ui';
import { emptyLayer, LayerDialog } from '../layer';
import { contentOf, PhotoSetView, pagesOf, pictureName, picturesOf, writtenOn } from '../scan';
import { ExplainBar } from './ExplainBar';
import type { OnPage } from './onPage';
import { SpotMarks, spotSigns } from './SpotMarks';
import type { Shown } from './shown';

type Props = { entry: Shown; page: OnPage; isChosen: boolean };

/** Names the entry and the page of it that is written on. */
const WRITE = 'write';

function changed(search: URLSearchParams, write: string | undefined): URLSearchParams {
  const next = new URLSearchParams(search);
  if (write === undefined) next.delete(WRITE);
  else next.set(WRITE, write);
  return next;
}

const SMALL = 'min-h-[28px] text-[13px]';

/** Photographed pages, one or many; while the entry is chosen they can be written on and split. */
export function SetEntry({ entry, page: { acts, marking, onExplain }, isChosen }: Props) {
  // In the address, so that Back closes it and a tab that crashed opens where it was.
  const [search, setSearch] = useSearchParams();
  const [wanted, number] = search.get(WRITE)?.split('.') ?? [];
  const writingOn = wanted === entry.id ? Number(number) : undefined;
  const writeOn = (at: number) => setSearch((now) => changed(now, `${entry.id}.${at}`));
  const close = () => setSearch((now) => changed(now, undefined), { replace: true });
  const pages = pagesOf(entry);
  const pictures = picturesOf(pages, entry.media ? [entry.media, ...entry.pictures] : entry.pictures);
  const picture = writingOn === undefined ? undefined : pictures[writingOn];
  return (
    <>
      <PhotoSetView
        pictures={pictures}
        title={entry.caption}
        signs={spotSigns(marking, entry.id)}
        tools={(at) =>
          isChosen && (
            <>
              <Button look="quiet" className={SMALL} onClick={() => writeOn(at)}>
                {pages.length > 1 ? `Write on page ${at + 1}` : 'Write on it'}
              </Button>
              {at < pages.length - 1 && (
                <Button look="quiet" className={SMALL} onClick={() => acts.splitSet(entry, at + 1)}>
                  Split after page {at + 1}
                </Button>
              )}
            </>
          )
        }
      />
      {picture?.full && writingOn !== undefined && (
        <LayerDialog
          title={pictureName(pictures, writingOn, entry.caption)}
          picture={picture.full}
          layer={picture.layer ?? emptyLayer(picture.width, picture.height)}
          signs={spotSigns(marking, entry.id)}
          onChange={(layer) => acts.change(entry, { content: contentOf(writtenOn(pages, writingOn, layer)) })}
          onClose={close}
          above={<ExplainBar onExplain={() => onExplain({ entry: entry.id })} />}
          more={(thing) =>
            thing.kind === 'spot' && (
              <>
                <SpotMarks entry={entry.id} spot={thing.id} marking={marking} />
                <Button
                  className="mt-1.5 min-h-7 px-2 text-[14px]"
                  onClick={() => onExplain({ entry: entry.id, thing: thing.id })}
                >
                  Explain this spot aloud
                </Button>
              </>
            )
          }
        />
      )}
    </>
  );
}
