import { useId, useState } from 'react';
import type { Api } from '../../api';
import { Button, Card, Tick, Trouble } from '../../ui';
import { SpeakingNow, useSpeaking } from '../remark';
import { SoundLook } from './SoundLook';
import type { Manner } from './useSealing';

type Props = { ready: Api['ReadyView']; manner: Manner; onChange: (part: Partial<Manner>) => void };

/** What goes with the work: a word to the teacher, who made it, and what of one's own may leave the notebook. */
export function WithIt({ ready, manner, onChange }: Props) {
  return (
    <Card title="With it">
      <Word teacher={ready.to.teacher} manner={manner} onChange={onChange} />
      {ready.classmates.length > 0 && <Makers ready={ready} manner={manner} onChange={onChange} />}
      <fieldset>
        <legend className="mb-0.5 font-semibold">What else goes along</legend>
        {ALONG.map(([key, words]) => (
          <Tick
            key={key}
            checked={manner.along[key]}
            onChange={(event) => onChange({ along: { ...manner.along, [key]: event.target.checked } })}
          >
            {words}
          </Tick>
        ))}
        <p className="mt-0.5 text-[13px] text-soft">What is not ticked stays with you.</p>
      </fieldset>
    </Card>
  );
}

const ALONG = [
  ['marks', 'Your marks: keys, open questions, tasks'],
  ['cues', 'Your cues for review'],
  ['earlier', 'Earlier versions of what you typed'],
  ['lookBacks', 'What you wrote looking back on these pieces'],
] as const;

function Word({ teacher, manner, onChange }: { teacher: string } & Omit<Props, 'ready'>) {
  const id = useId();
  const speaking = useSpeaking((sound) => onChange({ sound }));
  return (
    <div className="mb-3">
      <label htmlFor={id} className="mb-1 block font-semibold">
        A word to {teacher}
      </label>
      <textarea
        id={id}
        rows={2}
        maxLength={2000}
        placeholder="What you would like to know, or what was hard"
        value={manner.words}
        onChange={(event) => onChange({ words: event.target.value })}
        className="w-full rounded-md border border-line bg-card px-2.5 py-1.5"
      />
      <Trouble>{speaking.trouble}</Trouble>
      {speaking.since ? (
        <SpeakingNow speaking={speaking} since={speaking.since} />
      ) : manner.sound ? (
        <div className="flex flex-wrap items-center gap-2">
          <SoundLook sound={manner.sound} />
          <Button look="quiet" onClick={() => onChange({ sound: undefined })}>
            Leave it out
          </Button>
        </div>
      ) : (
        <Button look="quiet" className="-ml-1.5" onClick={speaking.start}>
          Say it aloud
        </Button>
      )}
    </div>
  );
}

function Makers({ ready, manner, onChange }: Props) {
  const [isOpen, setOpen] = useState(false);
  const names = ready.classmates.filter((one) => manner.makers.includes(one.id)).map((one) => one.name);
  const tick = (person: string, isOn: boolean) =>
    onChange({ makers: isOn ? [...manner.makers, person] : manner.makers.filter((one) => one !== person) });
  return (
    <div className="mb-3">
      <p className="font-semibold">Made by</p>
      <p>{['you', ...names].join(' and ')}</p>
      {isOpen ? (
        <fieldset className="mt-1 max-h-44 overflow-auto rounded-md border border-line px-2 py-1">
          <legend className="sr-only">Who made it with you</legend>
          {ready.classmates.map((one) => (
            <Tick
              key={one.id}
              checked={manner.makers.includes(one.id)}
              onChange={(event) => tick(one.id, event.target.checked)}
            >
              {one.name}
            </Tick>
          ))}
        </fieldset>
      ) : (
        <Button look="quiet" className="-ml-1.5" onClick={() => setOpen(true)}>
          Somebody made it with me
        </Button>
      )}
    </div>
  );
}
