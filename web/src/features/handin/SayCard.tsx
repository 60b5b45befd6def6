import type { FormEvent } from 'react';
import type { Api } from '../../api';
import { Button, Card, Trouble } from '../../ui';
import { entryName } from '../entry';
import { placeWords, SpeakingNow, shortened, type useSpeaking } from '../remark';
import { usePlayer } from '../voice';
import { anchorOf, type Chosen } from './chosen';

type Props = {
  chosen: Chosen;
  entries: readonly Api['SealedEntryView'][];
  isWriting: boolean;
  speaking: ReturnType<typeof useSpeaking>;
  canDraw: boolean;
  onWrite: (isWriting: boolean) => void;
  onDraw: () => void;
  onSay: (words: string) => void;
  onSign: (sign: 'AGREE' | 'LOOK_AGAIN') => void;
};

/** What the next remark is about, and the ways to make it. */
export function SayCard(props: Props) {
  const { chosen, entries, isWriting, speaking, canDraw, onWrite, onDraw, onSay, onSign } = props;
  const { state } = usePlayer();
  const anchor = anchorOf(chosen, entries, state);
  const place = placeWords(anchor);
  const entry = entries.find((one) => one.id === chosen.entry);
  return (
    <Card title="Say something">
      <p className="mb-2 text-[13.5px] text-soft">
        {anchor.about === 'WHOLE'
          ? 'About the whole; choose an entry by ↓ or a press.'
          : `About ${anchor.about === 'WORDS' ? place : `“${shortened(entry ? entryName(entry) : '')}”${place && `, ${place}`}`}`}
      </p>
      {isWriting ? (
        <RemarkForm onSay={onSay} onClose={() => onWrite(false)} />
      ) : speaking.since ? (
        <SpeakingNow speaking={speaking} since={speaking.since} />
      ) : (
        <div className="flex flex-wrap gap-2">
          <Button hotkey="W" onClick={() => onWrite(true)}>
            Write
          </Button>
          <Button hotkey="R" onClick={speaking.start}>
            Speak
          </Button>
          <Button hotkey="I" disabled={!canDraw} onClick={onDraw}>
            Draw
          </Button>
          <Button hotkey="A" onClick={() => onSign('AGREE')}>
            Agree
          </Button>
          <Button hotkey="L" onClick={() => onSign('LOOK_AGAIN')}>
            Look again
          </Button>
        </div>
      )}
      <Trouble>{speaking.trouble}</Trouble>
    </Card>
  );
}

function RemarkForm({ onSay, onClose }: { onSay: (words: string) => void; onClose: () => void }) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const words = String(new FormData(event.currentTarget).get('words')).trim();
    if (words) onSay(words);
    onClose();
  };
  return (
    <form onSubmit={submit}>
      <textarea
        name="words"
        aria-label="Remark"
        autoFocus
        rows={3}
        maxLength={2000}
        className="w-full rounded border border-line bg-card px-2 py-1"
        onKeyDown={(event) => {
          if (event.key === 'Escape') onClose();
          if (event.key !== 'Enter' || event.shiftKey) return;
          event.preventDefault();
          event.currentTarget.form?.requestSubmit();
        }}
      />
      <div className="mt-1 flex gap-2">
        <Button type="submit" look="act" hotkey="↵">
          Put it here
        </Button>
        <Button look="quiet" onClick={onClose}>
          Never mind
        </Button>
      </div>
    </form>
  );
}
