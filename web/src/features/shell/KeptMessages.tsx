import { useOutbox } from '../../device';
import { Button, Trouble } from '../../ui';

/** What the server refused and what stands twice, until the student has seen it. */
export function KeptMessages() {
  const { outbox, state } = useOutbox();
  return (
    <>
      {[...new Set(state.messages)].map((message) => (
        <Trouble key={message}>
          <div className="flex items-center justify-between gap-3">
            {message}
            <Button look="quiet" onClick={() => outbox.dismiss(message)}>
              Seen
            </Button>
          </div>
        </Trouble>
      ))}
      {[...state.brokenOff].map(([entry, words]) => (
        <Trouble key={entry}>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className="min-w-60 flex-1">{words}</span>
            <Button onClick={() => outbox.keepPart(entry, true)}>Keep what is there</Button>
            <Button look="quiet" onClick={() => outbox.keepPart(entry, false)}>
              Leave it out
            </Button>
          </div>
        </Trouble>
      ))}
      {state.twice.map((one) => (
        <Trouble key={one.mine}>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className="min-w-60 flex-1">
              {one.words} The one from this device has the caption “From this device”.
            </span>
            <Button onClick={() => outbox.keepOne(one, 'mine')}>Keep the one from this device</Button>
            <Button onClick={() => outbox.keepOne(one, 'other')}>Keep the other one</Button>
            <Button look="quiet" onClick={() => outbox.keepOne(one)}>
              Keep both
            </Button>
          </div>
        </Trouble>
      ))}
    </>
  );
}
