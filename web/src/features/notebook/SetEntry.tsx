import { Button } from '../../ui';
import { PhotoSetView, pagesOf, picturesOf } from '../scan';
import type { Shown } from './shown';
import type { PageActs } from './usePageActs';

type Props = { entry: Shown; acts: PageActs; isChosen: boolean };

/** A set of photographed pages; while it is chosen it can be split. */
export function SetEntry({ entry, acts, isChosen }: Props) {
  const pages = pagesOf(entry);
  return (
    <PhotoSetView
      pictures={picturesOf(pages, entry.pictures)}
      title={entry.caption}
      tools={(at) =>
        isChosen &&
        at < pages.length - 1 && (
          <Button
            look="quiet"
            className="min-h-[24px] text-[13px]"
            onClick={() => acts.splitSet(entry, at + 1)}
          >
            Split after page {at + 1}
          </Button>
        )
      }
    />
  );
}
