import { useOutbox } from '../../device';
import { Button, Trouble } from '../../ui';

/** What the server refused or what was kept twice, until the student has seen it. */
export function KeptMessages() {
  const { outbox, state } = useOutbox();
  return [...new Set(state.messages)].map((message) => (
    <Trouble key={message}>
      <div className="flex items-center justify-between gap-3">
        {message}
        <Button look="quiet" onClick={() => outbox.dismiss(message)}>
          Seen
        </Button>
      </div>
    </Trouble>
  ));
}
