import { useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button, Card, dayName, Heading, TextField, Trouble } from '../../ui';
import { SealedContent, SealedPages } from '../handin/sealed';
import { Comments } from './Comments';
import { type Line, type Piece, pieceQuery } from './queries';
import { useBoard } from './useBoard';
import { standingWords } from './words';

/** A piece as it was shown, what its student says along with it, and what others say about it. */
export function PieceScreen() {
  const { piece: id = '', class: schoolClass = '' } = useParams();
  const piece = useSuspenseQuery(pieceQuery(id)).data;
  const { line } = piece;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0">
        <Heading name={line.title} className="mb-2.5 text-[20px]" />
        <SealedPages
          version={{ pages: piece.pages, reflections: [] }}
          entry={(_, entry) => (
            <>
              <SealedContent entry={entry} />
              <p className="mt-0.5 text-[13px] text-soft">
                {entry.caption} <b className="text-petrol">{entry.codes.join(' ')}</b>
              </p>
            </>
          )}
        />
      </div>
      <div className="grid gap-3">
        <About piece={piece} schoolClass={schoolClass} />
        <Comments piece={piece} />
      </div>
    </div>
  );
}

function About({ piece: { line, may }, schoolClass }: { piece: Piece; schoolClass: string }) {
  const { move, show, error } = useBoard(schoolClass);
  const standing = standingWords(line);
  const { id, words, audience, source } = line;
  return (
    <Card title={line.isMine ? 'Shown by you' : `Shown by ${line.by}`}>
      <Trouble>{error?.message}</Trouble>
      {words && <p className="mb-1 break-words">{words}</p>}
      <p className="text-[13px] text-soft">
        {dayName(line.day)}
        {line.topics.length > 0 && ` · ${line.topics.join(', ')}`}
        {standing && <b className="text-brass"> · {standing}</b>}
      </p>
      {line.teacherWords && line.standing === 'NOT_YET' && (
        <p className="mt-1.5 border-l-[3px] border-brass bg-wash px-2.5 py-1.5">{line.teacherWords}</p>
      )}
      {source && (
        <div className="mt-2.5 flex flex-wrap gap-2">
          <Button
            onClick={() => void show({ id, classId: schoolClass, source, audience, words }).catch(() => {})}
          >
            Show it as it is now
          </Button>
          {line.standing !== 'TAKEN_BACK' && (
            <Button look="quiet" onClick={() => move(id, 'TAKEN_BACK')}>
              Take it back
            </Button>
          )}
        </div>
      )}
      {may.decide && <Deciding line={line} onMove={(to, why) => move(id, to, why)} />}
      <Link
        to={`/classes/${schoolClass}/noticeboard`}
        className="mt-2 inline-flex min-h-7 items-center font-semibold text-petrol hover:underline"
      >
        Back to the noticeboard
      </Link>
    </Card>
  );
}

type DecidingProps = { line: Line; onMove: (to: 'SHOWN' | 'NOT_YET', words?: string) => void };

/** A teacher lets the class see a piece, or says why not yet. */
function Deciding({ line, onMove }: DecidingProps) {
  const [isSaying, setSaying] = useState(false);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onMove('NOT_YET', String(new FormData(event.currentTarget).get('words')));
    setSaying(false);
  };
  if (isSaying)
    return (
      <form onSubmit={submit} className="mt-2">
        <TextField label="Why not yet" name="words" maxLength={500} autoFocus />
        <div className="flex gap-2">
          <Button look="act" type="submit">
            Say not yet
          </Button>
          <Button onClick={() => setSaying(false)}>Leave it</Button>
        </div>
      </form>
    );
  return (
    <div className="mt-2.5 flex flex-wrap gap-2">
      {line.standing !== 'SHOWN' && (
        <Button look="act" onClick={() => onMove('SHOWN')}>
          {line.audience === 'CLASS' ? 'Let the class see it' : 'Keep it shown to me'}
        </Button>
      )}
      {line.standing !== 'NOT_YET' && <Button onClick={() => setSaying(true)}>Not yet</Button>}
    </div>
  );
}
