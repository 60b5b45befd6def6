import { useState } from 'react';
import { Menu, MenuItem } from '../../ui';
import { DetailDialog } from './DetailDialog';
import type { Collection, OwnDetail } from './details';
import { MergeDialog } from './MergeDialog';
import { useThings } from './useThings';

/** What is done to a detail: another name, values put together, deleted. */
export function DetailMenu({ collection, detail }: { collection: Collection; detail: OwnDetail }) {
  const [open, setOpen] = useState<'name' | 'values'>();
  const { deleteDetail } = useThings(collection.id);
  const close = () => setOpen(undefined);
  return (
    <>
      <Menu name="" label={`Change ${detail.name}`}>
        <MenuItem onSelect={() => setOpen('name')}>Another name</MenuItem>
        <MenuItem onSelect={() => setOpen('values')}>Change a value everywhere</MenuItem>
        <MenuItem onSelect={() => deleteDetail(detail)}>Delete</MenuItem>
      </Menu>
      {open === 'name' && <DetailDialog collection={collection} detail={detail} onClose={close} />}
      {open === 'values' && <MergeDialog collection={collection} detail={detail} onClose={close} />}
    </>
  );
}
