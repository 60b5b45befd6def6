import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { evidenceOf, Shape } from '../../ui';
import { type InkDrawing, InkView } from '../ink';
import { type Line, pieceQuery } from './queries';
import { standingWords } from './words';

/** A piece on the board: its picture or its first words, whose it is, and what they say along with it. */
export function PieceCard({ line, schoolClass }: { line: Line; schoolClass: string }) {
  const standing = standingWords(line);
  return (
    <Link
      to={`/classes/${schoolClass}/noticeboard/${line.id}`}
      className="flex h-full flex-col rounded-md border border-line bg-card hover:border-petrol"
    >
      <span className="block h-32 overflow-hidden rounded-t-md border-b border-line bg-wash">
        <Preview line={line} />
      </span>
      <span className="block px-3 py-2">
        <b className="block break-words">{line.title}</b>
        <span className="block text-[13px] text-soft">
          {line.isMine ? 'You' : line.by}
          {standing && <b className="text-brass"> · {standing}</b>}
        </span>
        {line.words && <span className="mt-1 block break-words">{line.words}</span>}
      </span>
    </Link>
  );
}

/** By what it is known again: its picture, its drawing, its first words, or the sign of what it is. */
function Preview({ line: { id, kind, pictureId, firstWords } }: { line: Line }) {
  if (pictureId)
    return <img src={`/api/media/${pictureId}/screen`} alt="" className="h-full w-full object-cover" />;
  if (kind === 'INK') return <Drawing piece={id} />;
  if (kind === 'TYPED' || firstWords)
    return <span className="block px-3 py-2 text-[14px] leading-snug text-soft">{firstWords}</span>;
  return (
    <span className="grid h-full place-items-center text-petrol">
      <Shape kind={evidenceOf(kind)} size={34} silent />
    </span>
  );
}

function Drawing({ piece }: { piece: string }) {
  const first = useQuery({ ...pieceQuery(piece), refetchInterval: false }).data?.pages[0]?.entries[0];
  return first ? <InkView drawing={first.content as InkDrawing} title="" /> : null;
}
