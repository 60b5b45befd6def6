import type { Api } from '../../api';
import { Button, Card } from '../../ui';
import type { Turn } from './useQueue';
import { STATE_WORDS } from './words';

type Props = {
  version: Api['SealedView'];
  next?: Turn;
  onCheck: () => void;
  onSendBack: () => void;
  onNext: () => void;
};

/** What becomes of a version, and who is next. */
export function VerdictCard({ version, next, onCheck, onSendBack, onNext }: Props) {
  const isOpen = version.state === 'BEING_READ';
  return (
    <Card>
      <div className="flex flex-wrap gap-2">
        {version.purpose === 'HAND_IN' && (
          <Button look="act" hotkey="Y" disabled={!isOpen} onClick={onCheck}>
            Checked
          </Button>
        )}
        <Button hotkey="B" disabled={!isOpen} onClick={onSendBack}>
          Send back
        </Button>
      </div>
      <p className="mt-2">
        This {version.purpose === 'DRAFT' ? 'draft' : 'version'} is {STATE_WORDS[version.state]}
        {version.missing > 0 && `; it was sent with ${version.missing} missing`}.
      </p>
      {next && (
        <Button look="quiet" className="mt-1 -ml-1.5" hotkey="→" onClick={onNext}>
          Next: {next.line.name}
        </Button>
      )}
    </Card>
  );
}
