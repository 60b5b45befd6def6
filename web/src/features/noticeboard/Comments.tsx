import { type FormEvent, useState } from 'react';
import { Button, Card, Empty, moment, Trouble } from '../../ui';
import { SpeakingNow, useSpeaking } from '../remark';
import { SoundPlayer } from '../voice';
import type { Comment, Piece } from './queries';
import { useComments } from './useComments';
import { talks } from './words';

/** What is said about a piece, each with what is answered to it. */
export function Comments({ piece }: { piece: Piece }) {
  const { comments, may } = piece;
  const acts = useComments(piece);
  const [answering, setAnswering] = useState<string>();
  const all = talks(comments);
  return (
    <Card title="What others say">
      <Trouble>{acts.trouble}</Trouble>
      {all.length === 0 && <Empty>Nothing has been said about it yet.</Empty>}
      <ul>
        {all.map(([comment, answers]) => (
          <li key={comment.id} className="border-b border-line py-2 last:border-0">
            <CommentView
              comment={comment}
              may={may}
              acts={acts}
              onAnswer={may.say && !comment.isClosed ? () => setAnswering(comment.id) : undefined}
            />
            <ul className="ml-4">
              {answers.map((answer) => (
                <li key={answer.id} className="mt-1.5 border-l-2 border-line pl-2.5">
                  <CommentView comment={answer} may={may} acts={acts} />
                </li>
              ))}
            </ul>
            {answering === comment.id && (
              <CommentForm
                label={`Answer to ${comment.by}`}
                onSay={(words, sound) => {
                  setAnswering(undefined);
                  acts.say(words, sound, comment.id);
                }}
                onClose={() => setAnswering(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
      {may.say && !answering && (
        <CommentForm label="Say something about it" onSay={(words, sound) => acts.say(words, sound)} />
      )}
    </Card>
  );
}

type ViewProps = {
  comment: Comment;
  may: Piece['may'];
  acts: ReturnType<typeof useComments>;
  onAnswer?: () => void;
};

function CommentView({ comment, may, acts, onAnswer }: ViewProps) {
  const { id, by, words, sound, isMine, isHidden, isClosed, answerTo } = comment;
  const what = `${by}: ${words.slice(0, 40) || 'spoken'}`;
  const small = 'min-h-[24px] text-[13px]';
  return (
    <>
      <p className="text-[13px] text-soft">
        <b className="text-ink">{by}</b> · {moment(comment.at)}
        {isHidden && <b className="text-brass"> · hidden from the class</b>}
        {isClosed && ' · closed'}
      </p>
      {words && <p className="break-words whitespace-pre-line">{words}</p>}
      {sound && <SoundPlayer id={id} media={sound} name={`What ${by} says`} />}
      <div className="-ml-1.5 flex flex-wrap gap-x-1">
        {onAnswer && (
          <Button look="quiet" className={small} aria-label={`Answer ${what}`} onClick={onAnswer}>
            Answer
          </Button>
        )}
        {may.close && !answerTo && (
          <Button
            look="quiet"
            className={small}
            aria-label={`${isClosed ? 'Open again' : 'Close'} ${what}`}
            onClick={() => acts.close(comment, !isClosed)}
          >
            {isClosed ? 'Open again' : 'Close'}
          </Button>
        )}
        {may.hide && !isMine && (
          <Button
            look="quiet"
            className={small}
            aria-label={`${isHidden ? 'Let it be seen' : 'Hide'} ${what}`}
            onClick={() => acts.hide(comment, !isHidden)}
          >
            {isHidden ? 'Let it be seen' : 'Hide'}
          </Button>
        )}
        {isMine && (
          <Button
            look="quiet"
            className={small}
            aria-label={`Take back ${what}`}
            onClick={() => acts.takeBack(comment)}
          >
            Take back
          </Button>
        )}
      </div>
    </>
  );
}

type FormProps = { label: string; onSay: (words: string, sound?: Blob) => void; onClose?: () => void };

/** Says something, typed or aloud. */
function CommentForm({ label, onSay, onClose }: FormProps) {
  const [turn, setTurn] = useState(0);
  const speaking = useSpeaking((sound) => onSay('', sound));
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const words = String(new FormData(event.currentTarget).get('words')).trim();
    if (!words) return;
    onSay(words);
    setTurn(turn + 1);
  };
  if (speaking.since) return <SpeakingNow speaking={speaking} since={speaking.since} />;
  return (
    <form key={turn} onSubmit={submit} className="mt-2">
      <textarea
        name="words"
        aria-label={label}
        placeholder={label}
        autoFocus={!!onClose}
        rows={2}
        maxLength={1000}
        className="block field-sizing-content min-h-14 w-full rounded-md border border-line bg-card p-2"
      />
      <div className="mt-1 flex flex-wrap gap-2">
        <Button type="submit" look="act">
          Say it
        </Button>
        <Button onClick={speaking.start}>Speak</Button>
        {onClose && (
          <Button look="quiet" onClick={onClose}>
            Never mind
          </Button>
        )}
      </div>
      <Trouble>{speaking.trouble}</Trouble>
    </form>
  );
}
