import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, Empty, Heading, Trouble, useKeys } from '../../ui';
import { PdfLinks } from './PdfLinks';
import { registerQuery, versionQuery } from './queries';
import { SealBadge } from './SealBadge';
import { SealedPages } from './SealedPages';
import { byListName, STATE_WORDS } from './words';

/** A teacher reads what was handed in, one student after the other. */
export function CheckScreen() {
  const { setWork = '', handIn } = useParams();
  const register = useSuspenseQuery(registerQuery(setWork)).data;
  if (handIn) return <Reading key={handIn} id={handIn} register={register} />;
  const waiting = register.students.filter((line) => line.latest?.state === 'WAITING').length;
  return (
    <div className="max-w-2xl">
      <Heading name={register.setWork.title} className="mb-2 text-[24px]" />
      <p className="mb-4">{register.setWork.instructions}</p>
      <Empty>
        {waiting > 0 ? `${waiting} wait to be read. Choose one at the left.` : 'Nothing waits to be read.'}
      </Empty>
    </div>
  );
}

function Reading({ id, register }: { id: string; register: Api['RegisterView'] }) {
  const version = useQuery(versionQuery(id)).data;
  const queries = useQueryClient();
  const go = useNavigate();
  const path = { params: { path: { id } } };
  const refresh = () =>
    Promise.all(
      ['version', 'register', 'set-work'].map((key) => queries.invalidateQueries({ queryKey: [key] })),
    );
  const act = useMutation({ mutationFn: (run: () => Promise<unknown>) => run(), onSuccess: refresh });
  const { mutate } = act;
  const isOpen = version?.state === 'BEING_READ';

  useEffect(() => {
    // Opening a version to read it is what tells the student that it is being read.
    if (version?.state === 'WAITING')
      mutate(() => unwrap(api.POST('/api/hand-ins/{id}/open', { params: { path: { id } } })));
  }, [version?.state, id, mutate]);

  const next = () => {
    const ids = byListName(register.students).flatMap((line) => (line.latest ? [line.latest.id] : []));
    const following = ids[ids.indexOf(id) + 1];
    if (following) go(`/set-work/${register.setWork.id}/${following}`);
  };
  const check = () => isOpen && mutate(() => unwrap(api.POST('/api/hand-ins/{id}/checked', path)));
  const sendBack = () => isOpen && mutate(() => unwrap(api.POST('/api/hand-ins/{id}/sent-back', path)));
  const remark = (entryId: string, words: string) =>
    act.mutateAsync(() =>
      unwrap(
        api.PUT('/api/hand-ins/{id}/remarks/{remark}', {
          params: { path: { id, remark: newId() } },
          body: { entryId, words },
        }),
      ),
    );
  const withdraw = (one: string) =>
    mutate(() =>
      unwrap(api.DELETE('/api/hand-ins/{id}/remarks/{remark}', { params: { path: { id, remark: one } } })),
    );
  useKeys({ y: check, b: sendBack, arrowright: next });

  if (!version) return <p className="text-soft">Opening…</p>;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <div className="mb-2.5 flex flex-wrap items-center gap-2.5">
          <Heading name={`${version.student} · version ${version.version}`} className="text-[18px]" />
          <SealBadge version={version} />
        </div>
        <Trouble>{act.error?.message}</Trouble>
        <SealedPages
          version={version}
          below={(_, entry) => (
            <EntryRemarks
              remarks={version.remarks.filter((one) => one.entryId === entry.id)}
              isOpen={isOpen}
              onRemark={(words) => remark(entry.id, words)}
            />
          )}
        />
      </div>
      <div className="grid gap-3 xl:sticky xl:top-14">
        <div className="flex gap-2">
          <Button look="act" hotkey="Y" disabled={!isOpen} onClick={check}>
            Checked
          </Button>
          <Button hotkey="B" disabled={!isOpen} onClick={sendBack}>
            Send back
          </Button>
          <Button hotkey="→" onClick={next}>
            Next
          </Button>
        </div>
        <p>
          This version is {STATE_WORDS[version.state]}
          {version.missing > 0 && `; it was sent with ${version.missing} missing`}.
        </p>
        <Card title="Remarks">
          {version.remarks.length === 0 && <Empty>None yet. Each entry has its own.</Empty>}
          <ol>
            {version.remarks.map((one) => (
              <li key={one.id} className="flex gap-2 border-b border-line py-1.5 last:border-0">
                <b>{one.number}</b>
                <a href={`#sealed-${one.entryId}`} className="flex-1 hover:text-petrol">
                  {one.words}
                </a>
                {isOpen && (
                  <Button
                    look="quiet"
                    className="min-h-[24px]"
                    onClick={() => withdraw(one.id)}
                    aria-label={`Withdraw remark ${one.number}`}
                  >
                    Withdraw
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </Card>
        <PdfLinks href={`/api/hand-ins/${id}/pdf`} name="PDF" />
      </div>
    </div>
  );
}

function EntryRemarks({
  remarks,
  isOpen,
  onRemark,
}: {
  remarks: Api['RemarkView'][];
  isOpen: boolean;
  onRemark: (words: string) => Promise<unknown>;
}) {
  const [isWriting, setWriting] = useState(false);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const words = String(new FormData(event.currentTarget).get('words'));
    if (!words.trim()) return setWriting(false);
    // A remark that was refused stays in its line; why is said at the top.
    onRemark(words).then(
      () => setWriting(false),
      () => {},
    );
  };
  return (
    <>
      {remarks.map((remark) => (
        <p key={remark.id} className="mt-1 border-l-[3px] border-brass bg-wash px-2.5 py-1">
          <b className="text-brass">{remark.number}</b> {remark.words}
        </p>
      ))}
      {isOpen && !isWriting && (
        <Button look="quiet" className="min-h-[24px] text-[13px]" onClick={() => setWriting(true)}>
          Remark
        </Button>
      )}
      {isWriting && (
        <form onSubmit={submit} className="mt-1 flex gap-2">
          <input
            name="words"
            aria-label="Remark"
            autoFocus
            maxLength={2000}
            className="min-h-8 min-w-0 flex-1 rounded border border-line bg-card px-2"
          />
          <Button type="submit">Put it here</Button>
        </form>
      )}
    </>
  );
}
