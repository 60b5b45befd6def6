import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { NotchPicker } from './NotchPicker';
import { editionQuery, useNotebook } from './queries';

const NONE: ReadonlySet<string> = new Set();

/** Find everything that is notched at a point, from any screen. */
export function FindPoint({ onClose }: { onClose: () => void }) {
  const go = useNavigate();
  const notebook = useNotebook();
  const nodes =
    useQuery({ ...editionQuery(notebook?.editionId ?? ''), enabled: !!notebook }).data?.nodes ?? [];
  return (
    <NotchPicker
      title={notebook ? `Find in ${notebook.title}` : 'No notebook to find in yet'}
      points={nodes.filter((node) => node.kind !== 'UNIT')}
      cut={NONE}
      hint=""
      onToggle={(node) => {
        onClose();
        go(`/n/${notebook?.id}/needle?nodes=${node}`);
      }}
      onClose={onClose}
    />
  );
}
