import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, Empty, moment, Trouble } from '../../ui';
import { earlierSheetsQuery } from './queries';

type Props = {
  notebook: string;
  week: number;
  questions: string[];
  onBack: (answers: Api['Answer'][]) => void;
};

/** What a sheet was before, each state with the way to bring it back; what is there now is kept as one of them. */
export function EarlierSheets(props: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Earlier versions
      </Button>
      {isOpen && <EarlierDialog {...props} onClose={() => setOpen(false)} />}
    </>
  );
}

function EarlierDialog({ notebook, week, questions, onBack, onClose }: Props & { onClose: () => void }) {
  const { data, error } = useQuery(earlierSheetsQuery(notebook, week));
  return (
    <Dialog title="Earlier versions" onClose={onClose} size="wide">
      <Trouble>{error?.message}</Trouble>
      {data?.length === 0 && (
        <Empty>None yet. One is kept whenever you go on with this sheet after a while.</Empty>
      )}
      <ol>
        {data?.map(({ version, savedAt, answers }) => (
          <li key={version} className="border-b border-line py-3 last:border-0">
            <div className="mb-1.5 flex items-center justify-between gap-3">
              <b>Until {moment(savedAt)}</b>
              <Button
                onClick={() => {
                  onBack(answers);
                  onClose();
                }}
              >
                Bring this back
              </Button>
            </div>
            {answers.map(({ words }, i) => (
              <div key={questions[i]} className="mb-1.5">
                <p className="text-[13.5px] text-soft">{questions[i]}</p>
                <p className="whitespace-pre-line">{words || '–'}</p>
              </div>
            ))}
          </li>
        ))}
      </ol>
    </Dialog>
  );
}
