import { useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useOutbox } from '../../device';
import { countWords, dayName, plural, useKeys } from '../../ui';
import { documentText } from '../text';
import { CaptureBar } from './CaptureBar';
import { EntryFrame } from './EntryFrame';
import { NotchPicker } from './NotchPicker';
import { PageEdge } from './PageEdge';
import { PagePoints } from './PagePoints';
import { PageTitle } from './PageTitle';
import { PhotoDialog } from './PhotoDialog';
import { contentsQuery, editionQuery, pageQuery, remarksQuery } from './queries';
import { RecordDialog } from './RecordDialog';
import { shownEntries } from './shown';
import { usePageActs } from './usePageActs';

type Asking = 'photo' | 'record' | 'notch';

/** A page: a card with its notched edge, its entries, and the capture bar below. */
export function PageScreen() {
  const { page: id = '' } = useParams();
  return <OpenPage key={id} id={id} />;
}

function OpenPage({ id }: { id: string }) {
  const [search] = useSearchParams();
  const queries = useQueryClient();
  const { outbox, state } = useOutbox();
  const page = useSuspenseQuery(pageQuery(id)).data;
  const remarks = useQuery(remarksQuery(id)).data ?? [];
  const notebook = useSuspenseQuery(contentsQuery(page.notebookId)).data.notebook;
  const points = (useQuery(editionQuery(notebook.editionId)).data?.nodes ?? []).filter(
    (node) => node.kind !== 'UNIT',
  );
  outbox.knows(page.entries);
  const entries = useMemo(() => shownEntries(page, state.waiting), [page, state.waiting]);
  const [chosen, setChosen] = useState<string | undefined>(search.get('entry') ?? undefined);
  const [asking, setAsking] = useState<Asking>();
  const acts = usePageActs(page, setChosen);
  const entry = entries.find((one) => one.id === chosen) ?? entries.at(-1);

  useEffect(() => {
    const wished = search.get('entry');
    if (wished) document.getElementById(`entry-${wished}`)?.scrollIntoView({ block: 'center' });
  }, [search]);
  useEffect(
    () => () => void queries.invalidateQueries({ queryKey: ['contents', page.notebookId] }),
    [queries, page.notebookId],
  );

  const captures = {
    w: acts.write,
    i: acts.draw,
    p: () => setAsking('photo'),
    r: () => setAsking('record'),
    n: () => entry && setAsking('notch'),
  };
  useKeys(captures);

  const words = entries
    .filter((one) => one.kind === 'TYPED')
    .reduce((sum, one) => sum + countWords(documentText(one.content)), 0);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,700px)_minmax(240px,300px)]">
      <div>
        <article className="flex min-h-[calc(100vh-8.5rem)] flex-col rounded-b-md bg-card shadow-[0_2px_14px_rgb(23_38_45/10%)]">
          <PageEdge slots={page.edge} entries={entries} chosen={entry} acts={acts} />
          <div className="flex-1 px-4 pt-2 pb-6 sm:px-10">
            <PageTitle page={page} />
            <p className="mb-4 text-[13.5px] text-soft">
              <Link to={`/n/${page.notebookId}/s/${page.sectionId}`} className="hover:underline">
                {page.section}
              </Link>
              {' · '}
              {dayName(page.day)}
              {page.week && ` · Week ${page.week}`}
              {` · ${plural(entries.length, 'entry', 'entries')} · ${plural(words, 'word')}`}
            </p>
            {entries.length === 0 && (
              <p className="rounded-md border border-dashed border-line p-4 text-soft">
                An empty page. Press W to write, I to draw, P for a photo, R to record, or use the bar below.
              </p>
            )}
            <div className="grid grid-cols-6 gap-x-3 gap-y-3">
              {entries.map((one) => (
                <EntryFrame
                  key={one.id}
                  entry={one}
                  isChosen={one.id === chosen}
                  codes={points.filter((point) => one.notches.includes(point.id))}
                  remarks={remarks.filter((remark) => remark.entryId === one.id)}
                  acts={acts}
                  onChoose={() => setChosen(one.id)}
                  onNotch={() => {
                    setChosen(one.id);
                    setAsking('notch');
                  }}
                />
              ))}
            </div>
          </div>
        </article>
        <CaptureBar captures={captures} canNotch={!!entry} />
      </div>
      <PagePoints page={page} entries={entries} points={points} remarks={remarks} />
      {asking === 'photo' && <PhotoDialog onClose={() => setAsking(undefined)} onPhoto={acts.photo} />}
      {asking === 'record' && (
        <RecordDialog pageId={id} onClose={() => setAsking(undefined)} onFile={acts.sound} />
      )}
      {asking === 'notch' && entry && (
        <NotchPicker
          title={`Notch “${entry.caption || documentText(entry.content).slice(0, 40) || 'this entry'}”`}
          points={points}
          cut={new Set(entry.notches)}
          hint={search.get('point') ?? ''}
          onToggle={(node) => acts.toggleNotch(entry, node)}
          onClose={() => setAsking(undefined)}
        />
      )}
    </div>
  );
}
