import { Menu, MenuItem } from '../../ui';

/** The ways in which a drawing leaves. */
export function InkMenu({ id }: { id: string }) {
  const save = (ending: 'svg' | 'inkml') => window.location.assign(`/api/entries/${id}/ink.${ending}`);
  return (
    <Menu name="Save as">
      <MenuItem onSelect={() => save('svg')}>SVG, to look at anywhere</MenuItem>
      <MenuItem onSelect={() => save('inkml')}>InkML, with pressure and time</MenuItem>
    </Menu>
  );
}
