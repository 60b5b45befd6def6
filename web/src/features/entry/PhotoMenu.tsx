import { useSuspenseQuery } from '@tanstack/react-query';
import { Menu, MenuItem } from '../../ui';
import { useGivingLink } from '../reading';
import { isSet, useOpenBench } from '../scan';
import { pageQuery } from './queries';
import type { Shown } from './shown';
import type { EntryActs } from './useEntryActs';

type Props = { entry: Shown; acts: EntryActs };

/** What can be done with a photo entry as pages. */
export function PhotoMenu({ entry, acts }: Props) {
  const page = useSuspenseQuery(pageQuery(entry.pageId)).data;
  const openBench = useOpenBench();
  const below = photoBelow(page.entries, entry);
  const bench = { notebookId: page.notebookId, pageId: page.id, entryId: entry.id };
  const giving = useGivingLink({ kind: 'ENTRY', of: entry.id, title: entry.caption || 'Photos' });
  return (
    <>
      <Menu name="Pages">
        <MenuItem onSelect={() => openBench.mutate(bench)}>
          {isSet(entry.content) ? 'Work on them at the scan bench' : 'Straighten it at the scan bench'}
        </MenuItem>
        {below && (
          <MenuItem onSelect={() => acts.joinBelow(entry, { ...below, isWaiting: false })}>
            Join with the photo below
          </MenuItem>
        )}
        <MenuItem onSelect={() => window.location.assign(`/api/entries/${entry.id}/pages.pdf`)}>
          As a PDF
        </MenuItem>
        {giving.isAllowed && <MenuItem onSelect={giving.give}>Link for a reader</MenuItem>}
      </Menu>
      {giving.dialog}
    </>
  );
}

/** The next entry in the same zone, where it is a photo that the server has. */
function photoBelow<Entry extends { id: string; zone: string; kind: string; media?: unknown }>(
  entries: Entry[],
  entry: { id: string; zone: string },
): Entry | undefined {
  const inZone = entries.filter((one) => one.zone === entry.zone);
  const next = inZone[inZone.findIndex((one) => one.id === entry.id) + 1];
  return next?.kind === 'PHOTO' && next.media ? next : undefined;
}
