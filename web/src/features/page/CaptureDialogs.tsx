import { Suspense } from 'react';
import type { Api } from '../../api';
import { Trouble } from '../../ui';
import { PlaceViewDialog } from '../collection';
import { type EntryActs, PhotoDialog } from '../entry';
import { entryKindOf, FileDialog } from '../file';
import { LinkDialog } from '../link';
import { useOpenBench } from '../scan';
import { type About, ClipDialog, RecordDialog } from '../voice';

/** What is being put on a page, and asks how. */
export type Capturing =
  | { kind: 'photo' | 'clip' | 'file' | 'link' | 'view' }
  | { kind: 'record'; zone: string; about?: About };

type Props = {
  page: Api['PageView'];
  /** The zone that it goes into. */
  into: string;
  capturing: Capturing | undefined;
  acts: EntryActs;
  onCapture: (capturing: Capturing | undefined) => void;
};

/** The dialogs by which photos, recordings, clips, files, links and views come to a page. */
export function CaptureDialogs({ page, into, capturing, acts, onCapture }: Props) {
  const openBench = useOpenBench();
  const close = () => onCapture(undefined);
  const place = { pageId: page.id, notebookId: page.notebookId, page: page.title };
  return (
    <>
      <Trouble>{openBench.error?.message}</Trouble>
      {capturing?.kind === 'photo' && (
        <PhotoDialog
          onClose={close}
          onPhoto={acts.photo}
          onScan={() => openBench.mutate({ notebookId: page.notebookId, pageId: page.id, zone: into })}
        />
      )}
      {capturing?.kind === 'record' && (
        <RecordDialog
          place={{ ...place, zone: capturing.zone, about: capturing.about }}
          onClose={close}
          // A film that is chosen here is one.
          onFile={(blob, name) => (entryKindOf(blob) === 'CLIP' ? acts.clip : acts.sound)(blob, name)}
          onFilm={() => onCapture({ kind: 'clip' })}
        />
      )}
      {capturing?.kind === 'clip' && (
        <ClipDialog place={{ pageId: page.id, zone: into }} onClose={close} onFile={acts.clip} />
      )}
      {capturing?.kind === 'file' && (
        <FileDialog onFiles={(files) => void acts.files(files)} onText={acts.text} onClose={close} />
      )}
      {capturing?.kind === 'link' && <LinkDialog onLink={acts.link} onClose={close} />}
      {capturing?.kind === 'view' && (
        <Suspense fallback={null}>
          <PlaceViewDialog onPlace={acts.view} onClose={close} />
        </Suspense>
      )}
    </>
  );
}
