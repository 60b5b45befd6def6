import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, plural, Trouble, useKeys } from '../../ui';
import { CameraStage } from './CameraStage';
import { CornerStage } from './CornerStage';
import { PhoneDialog } from './PhoneDialog';
import { isWaiting } from './queries';
import { ShotList } from './ShotList';
import { ShotPanel } from './ShotPanel';
import { ShotWords } from './ShotWords';
import { type Bench, useBench } from './useBench';
import { countShots, keptShots, orderWords, putWords } from './words';

/** The scan bench: photos at the left, the one at hand in the middle, how it will be kept at the right. */
export function ScanScreen() {
  const { notebook = '', page = '', scan: id = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [isPhone, setPhone] = useState(false);
  const bench = useBench(id, isPhone);
  const { scan } = bench;
  const [chosen, setChosen] = useState<string>();
  const [shooting, setShooting] = useState<'more' | 'again'>();
  const shot = scan.shots.find((one) => one.id === chosen) ?? scan.shots[0];
  const lay = (files: Iterable<File>) =>
    bench.lay([...files].filter((file) => file.type.startsWith('image/')));
  const leave = () => navigate(`/n/${notebook}/p/${page}`);
  const left = () => {
    for (const key of ['page', 'scans']) queries.invalidateQueries({ queryKey: [key, page] });
  };
  const put = useMutation({
    mutationFn: () =>
      bench.inTurn(() =>
        unwrap(api.POST('/api/scans/{id}/put', { params: { path: { id } }, body: { entryId: newId() } })),
      ),
    onSuccess: ({ entryId }) => {
      left();
      navigate(`/n/${notebook}/p/${page}?entry=${entryId}`);
    },
  });
  const clear = useMutation({
    mutationFn: () => unwrap(api.DELETE('/api/scans/{id}', { params: { path: { id } } })),
    onSuccess: () => {
      left();
      leave();
    },
  });
  const pages = keptShots(scan.shots);
  const canPut = pages.length > 0 && !pages.some(isWaiting) && bench.unsent === 0 && !put.isPending;
  useBenchKeys({ bench, shot, isOff: !!shooting, onCamera: () => setShooting('more') });
  useBroughtIn(lay);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[240px_minmax(0,1fr)_310px] lg:pl-2">
      <div>
        <h1 className="text-[17px]">{countShots(scan.shots)}</h1>
        <p className="my-1.5 text-soft">{orderWords(scan)}</p>
        <SetName key={scan.id} name={scan.name} onName={bench.rename} />
        {scan.shots.length > 0 && (
          <ShotList shots={scan.shots} chosen={shot?.id} onChoose={setChosen} onOrder={bench.order} />
        )}
        <output className="block text-soft">
          {bench.unsent > 0 && `${plural(bench.unsent, 'photo')} on the way. You can go on.`}
        </output>
        <Adding onCamera={() => setShooting('more')} onFiles={lay} onPhone={() => setPhone(true)} />
      </div>
      <div>
        <div className="flex min-h-[300px] flex-col rounded-lg bg-bar p-4 lg:min-h-[calc(100vh-150px)]">
          <div className="flex min-h-0 flex-1 items-center justify-center">
            {shooting ? (
              <CameraStage
                onPhoto={(photo) => {
                  void bench.lay([photo], shooting === 'again' ? shot : undefined);
                  if (shooting === 'again') setShooting(undefined);
                }}
                onDone={() => setShooting(undefined)}
              />
            ) : shot ? (
              <CornerStage key={shot.id} shot={shot} onCorners={(corners) => bench.make(shot, { corners })} />
            ) : (
              <Invitation />
            )}
          </div>
          {shot && !shooting && <ShotActs shot={shot} bench={bench} onAgain={() => setShooting('again')} />}
        </div>
        {shot && <ShotWords key={shot.id} shot={shot} onKeep={(words) => bench.name(shot, words)} />}
      </div>
      <div className="space-y-3">
        {shot && <ShotPanel shot={shot} bench={bench} />}
        <Trouble>{bench.trouble ?? put.error?.message ?? clear.error?.message}</Trouble>
        <Button look="act" className="min-h-10 w-full" disabled={!canPut} onClick={() => put.mutate()}>
          {putWords(scan, pages.length)}
        </Button>
        <div className="flex justify-between gap-2">
          <Button look="quiet" onClick={leave}>
            Go on later
          </Button>
          <Clear photos={scan.shots.length} onClear={() => clear.mutate()} />
        </div>
      </div>
      {isPhone && <PhoneDialog scan={id} photos={scan.shots.length} onClose={() => setPhone(false)} />}
    </div>
  );
}

/** What was photographed is gone from the bench then: asked twice. */
function Clear({ photos, onClear }: { photos: number; onClear: () => void }) {
  const [isAsking, setAsking] = useState(false);
  return isAsking ? (
    <Button look="warn" onClick={onClear}>
      Yes, put {plural(photos, 'photo')} away
    </Button>
  ) : (
    <Button look="quiet" onClick={() => setAsking(true)}>
      Clear the bench
    </Button>
  );
}

type KeyProps = { bench: Bench; shot: Api['ShotView'] | undefined; isOff: boolean; onCamera: () => void };

function useBenchKeys({ bench, shot, isOff, onCamera }: KeyProps) {
  const on = (act: (one: Api['ShotView']) => void) => () => shot && act(shot);
  useKeys(
    isOff
      ? {}
      : {
          c: on(bench.find),
          t: on((one) => turn(bench, one)),
          x: on((one) => bench.leaveOut(one, !one.isLeftOut)),
          '1': on((one) => bench.make(one, { finish: 'AS_TAKEN' })),
          '2': on((one) => bench.make(one, { finish: 'EVEN_LIGHT' })),
          '3': on((one) => bench.make(one, { finish: 'INK_ON_WHITE' })),
          p: onCamera,
        },
  );
}

const turn = (bench: Bench, shot: Api['ShotView']) =>
  bench.make(shot, { quarters: ((shot.recipe?.quarters ?? 0) + 1) % 4 });

/** Pictures that are pasted, or dropped anywhere on the screen. */
function useBroughtIn(lay: (files: Iterable<File>) => void) {
  useEffect(() => {
    const take = (event: Event, data: DataTransfer | null) => {
      if (!data?.files.length) return;
      event.preventDefault();
      lay(data.files);
    };
    const paste = (event: ClipboardEvent) => take(event, event.clipboardData);
    const drop = (event: DragEvent) => take(event, event.dataTransfer);
    const over = (event: DragEvent) => event.dataTransfer?.types.includes('Files') && event.preventDefault();
    window.addEventListener('paste', paste);
    window.addEventListener('drop', drop);
    window.addEventListener('dragover', over);
    return () => {
      window.removeEventListener('paste', paste);
      window.removeEventListener('drop', drop);
      window.removeEventListener('dragover', over);
    };
  });
}

function ShotActs({ shot, bench, onAgain }: { shot: Api['ShotView']; bench: Bench; onAgain: () => void }) {
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={() => bench.find(shot)} disabled={!shot.recipe} hotkey="C">
        Find the corners
      </Button>
      <Button onClick={() => turn(bench, shot)} disabled={!shot.recipe} hotkey="T">
        Turn
      </Button>
      <Button onClick={() => bench.leaveOut(shot, !shot.isLeftOut)} hotkey="X">
        {shot.isLeftOut ? 'Take in' : 'Leave out'}
      </Button>
      <Button onClick={onAgain}>Take it again</Button>
      {shot.isLeftOut && (
        <Button look="warn" onClick={() => bench.remove(shot)}>
          Off the bench
        </Button>
      )}
    </div>
  );
}

function Adding({
  onCamera,
  onFiles,
  onPhone,
}: {
  onCamera: () => void;
  onFiles: (files: File[]) => void;
  onPhone: () => void;
}) {
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={onCamera} hotkey="P">
        Camera
      </Button>
      <label className="inline-flex min-h-8 cursor-pointer items-center rounded-md border border-line bg-card px-3 font-semibold focus-within:outline-2 hover:border-petrol">
        Add files
        <input
          type="file"
          accept="image/*"
          multiple
          className="sr-only"
          onChange={(event) => onFiles([...(event.target.files ?? [])])}
        />
      </label>
      <Button onClick={onPhone}>From a phone</Button>
    </div>
  );
}

function Invitation() {
  return (
    <p className="max-w-xs text-center text-on-bar">
      Take photos of your sheets, drop or paste pictures here, or use a phone. Each page is found,
      straightened and put in order by itself.
    </p>
  );
}

function SetName({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <label className="mb-2 block font-semibold">
      Name of the set
      <input
        className="mt-0.5 block w-full rounded-md border border-line bg-card px-2 py-1.5 font-normal"
        value={typed}
        maxLength={500}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== name && onName(typed)}
      />
    </label>
  );
}
