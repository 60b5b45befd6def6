import { useState } from 'react';
import { Button, Card, TextField } from '../../ui';

/** Says why a week is let go; nothing is asked for it then. */
export function LetGoForm({ onLetGo }: { onLetGo: (reason: string) => void }) {
  const [isOpen, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!isOpen)
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        Let this week go
      </Button>
    );
  return (
    <form
      className="rounded-lg bg-card p-4"
      onSubmit={(event) => {
        event.preventDefault();
        onLetGo(reason.trim());
      }}
    >
      <TextField
        label="Why is there nothing to write this week?"
        hint="Only you see the reason."
        value={reason}
        maxLength={200}
        required
        pattern=".*\S.*"
        autoFocus
        onChange={(event) => setReason(event.target.value)}
      />
      <div className="flex gap-2">
        <Button look="act" type="submit">
          Let it go
        </Button>
        <Button onClick={() => setOpen(false)}>Cancel</Button>
      </div>
    </form>
  );
}

/** What stands in place of the questions of a week that is let go. */
export function LetGoCard({ reason, onWrite }: { reason: string; onWrite: () => void }) {
  return (
    <Card className="mb-3">
      <p className="mb-3">
        You let this week go: <b>{reason}</b>
      </p>
      <Button onClick={onWrite}>Write it after all</Button>
    </Card>
  );
}
