import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type Api, api, unwrap } from '../../api';
import { Button, Trouble } from '../../ui';
import { NotchPicker } from '../entry';
import { useLines } from './useLines';

type Props = { collection: string; item: Api['ItemView'] };

/** The points that a thing helps with. They are shown there, and cover nothing. */
export function ItemPoints({ collection, item }: Props) {
  const queries = useQueryClient();
  const [isChoosing, setChoosing] = useState(false);
  const cut = new Set(item.notches);
  const lines = useLines(cut);
  const change = useMutation({
    mutationFn: (line: string) => {
      const request = { params: { path: { id: collection, item: item.id, line } } };
      const path = '/api/collections/{id}/items/{item}/notches/{line}';
      return unwrap(cut.has(line) ? api.DELETE(path, request) : api.PUT(path, request));
    },
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['collection', collection] });
      queries.invalidateQueries({ queryKey: ['resources'] });
    },
  });
  if (!lines) return null;
  const codes = lines.nodes.filter((node) => cut.has(node.id)).map((node) => node.code);
  return (
    <div>
      <Button
        look="quiet"
        className="-ml-1.5 text-[13.5px]"
        aria-label={`${codes.length ? codes.join(', ') : 'For a point'}: ${item.title}`}
        onClick={() => setChoosing(true)}
      >
        {codes.length ? codes.join(', ') : 'For a point'}
      </Button>
      <Trouble>{change.error?.message}</Trouble>
      {isChoosing && (
        <NotchPicker
          title={`Points of ${lines.title} that it helps with`}
          points={lines.nodes.filter((node) => node.kind !== 'UNIT')}
          cut={cut}
          hint=""
          onToggle={(line) => change.mutate(line)}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
}
