import { useState } from 'react';
import type { Api } from '../../api';
import { AtWork, Button, Dialog, plural, Trouble } from '../../ui';
import { Columns } from './Columns';
import { type Becomes, useGathering } from './useGathering';

type Props = { collection: string; details: Api['Detail'][]; file: File; onClose: () => void };
type Found = Api['FileFound'];

/** A file of many things: what is in it, what becomes of its columns, and how far it is taken in. */
export function GatherDialog({ collection, details, file, onClose }: Props) {
  const gathering = useGathering(collection, file);
  const { found, progress } = gathering;
  return (
    <Dialog
      title={`Take in “${file.name}”`}
      onClose={onClose}
      size={found?.form === 'TABLE' ? 'wide' : 'narrow'}
    >
      <Trouble>{gathering.trouble}</Trouble>
      {!found && !gathering.trouble && <AtWork share={0}>Looking into the file…</AtWork>}
      {progress ? (
        <Through
          progress={progress}
          onUndo={() => gathering.takeBack.mutate(undefined, { onSuccess: onClose })}
          onClose={onClose}
        />
      ) : (
        <>
          {found && (
            <Wish
              found={found}
              details={details}
              isBusy={gathering.take.isPending}
              onTake={(columns) => gathering.take.mutate(columns)}
            />
          )}
          {gathering.isSent && (
            <Button
              look={found ? 'quiet' : 'plain'}
              onClick={() => gathering.keepFile.mutate(undefined, { onSuccess: onClose })}
            >
              Keep it as one file
            </Button>
          )}
        </>
      )}
    </Dialog>
  );
}

type WishProps = {
  found: Found;
  details: Api['Detail'][];
  isBusy: boolean;
  onTake: (columns: Becomes[]) => void;
};

function Wish({ found, details, isBusy, onTake }: WishProps) {
  const [becomes, setBecomes] = useState(() => found.columns.map((column) => column.becomes));
  const hasName = becomes.some(({ into }) => into === 'NAME' || into === 'ADDRESS');
  return (
    <>
      <p className="mb-3">{says(found)}</p>
      {found.form === 'TABLE' && (
        <Columns found={found} details={details} becomes={becomes} onChange={setBecomes} />
      )}
      <Button
        look="act"
        className="mr-2"
        disabled={isBusy || found.things === 0 || (found.form === 'TABLE' && !hasName)}
        onClick={() => onTake(becomes)}
      >
        Take in {plural(found.things, FORMS[found.form])}
      </Button>
    </>
  );
}

const FORMS: Record<Found['form'], string> = { BOOKMARKS: 'link', REFERENCES: 'reference', TABLE: 'row' };

function says({ form, things, headings, leftOut }: Found): string {
  const out =
    leftOut > 0
      ? ` ${plural(leftOut, 'other leads', 'others lead')} to no web page and will be left out.`
      : '';
  if (form === 'BOOKMARKS')
    return `There are ${plural(things, 'link')} in it${headings > 0 ? `, in ${plural(headings, 'folder')}, which become headings` : ''}. What is here already is not taken in twice.${out}`;
  if (form === 'REFERENCES') return 'Each becomes a thing that says where it comes from.';
  return 'Each row becomes a thing. Say what its columns are.';
}

type ThroughProps = { progress: Api['GatheringView']; onUndo: () => void; onClose: () => void };

function Through({ progress, onUndo, onClose }: ThroughProps) {
  if (progress.state === 'WAITING') return <AtWork share={progress.share}>Taking it in…</AtWork>;
  if (progress.state === 'FAILED')
    return (
      <>
        <Trouble>{progress.words}</Trouble>
        <Button onClick={onClose}>Close it</Button>
      </>
    );
  return (
    <>
      <p className="mb-3" role="status">
        {plural(progress.added, 'thing')} added.
        {progress.merged > 0 &&
          ` ${progress.merged} ${progress.merged === 1 ? 'was' : 'were'} in here already.`}
        {progress.leftOut > 0 && ` ${progress.leftOut} left out.`}
      </p>
      <Button look="act" className="mr-2" onClick={onClose}>
        Done
      </Button>
      {progress.added > 0 && <Button onClick={onUndo}>Undo</Button>}
    </>
  );
}
