import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, Trouble } from '../../ui';
import { inOrder } from './sections';

/** What to do first in an empty notebook; it is gone once there is a page. */
export function FirstPage({ contents }: { contents: Api['ContentsView'] }) {
  const go = useNavigate();
  const queries = useQueryClient();
  const sections = inOrder(contents.sections);
  const leaves = sections.filter(({ section }) => !sections.some((one) => one.section.parent === section.id));
  const [chosen, setChosen] = useState(leaves[0]?.section.id ?? '');
  const make = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/pages/{id}', {
          params: { path: { id: newId() } },
          body: { sectionId: chosen, title: 'First page' },
        }),
      ),
    onSuccess: async (page) => {
      await queries.invalidateQueries({ queryKey: ['contents'] });
      go(`/n/${contents.notebook.id}/p/${page.id}`);
    },
  });
  return (
    <Card title="Begin here" className="mb-3.5">
      <p className="mb-2">
        Where are you in the lessons? A page there knows its points: write, draw, take a photo or record on
        it, then press N to notch what you made.
      </p>
      <div className="flex flex-wrap gap-2">
        <select
          aria-label="Section of the first page"
          value={chosen}
          onChange={(event) => setChosen(event.target.value)}
          className="min-h-9 min-w-0 max-w-full flex-1 rounded-md border border-line bg-card px-2.5"
        >
          {leaves.map(({ section }) => (
            <option key={section.id} value={section.id}>
              {[section.code, section.title].filter(Boolean).join(' ')}
            </option>
          ))}
        </select>
        <Button look="act" disabled={make.isPending} onClick={() => make.mutate()}>
          Make the first page
        </Button>
      </div>
      <Trouble>{make.error?.message}</Trouble>
    </Card>
  );
}
