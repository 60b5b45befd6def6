import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { api, sendFile, unwrap } from '../../api';
import { Button, Heading, plural, Trouble } from '../../ui';
import { Adding } from './Adding';
import { CameraStage } from './CameraStage';
import { ClearBench } from './ClearBench';
import { CornerStage } from './CornerStage';
import { PdfDialog } from './PdfDialog';
import { PhoneDialog } from './PhoneDialog';
import { isPhoto } from './photos';
import { isWaiting } from './queries';
import { SetName } from './SetName';
import { ShotActs, useBenchKeys } from './ShotActs';
import { ShotList } from './ShotList';
import { ShotPanel } from './ShotPanel';
import { ShotWords } from './ShotWords';
import { useBench } from './useBench';
import { useBroughtIn } from './useBroughtIn';
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
  const [search, setSearch] = useSearchParams();
  const openPdf = (fileId: string | undefined) => setSearch(fileId ? { pdf: fileId } : {}, { replace: true });
  const sendPdf = useMutation({
    mutationFn: async (file: File) => sendFile({ id: newId(), blob: file, name: file.name }),
    onSuccess: ({ id: fileId }) => openPdf(fileId),
  });
  const lay = (files: Iterable<File>) => {
    const all = [...files];
    const pdf = all.find(isPdf);
    if (pdf) sendPdf.mutate(pdf);
    return bench.lay(all.filter(isPhoto));
  };
  const pdf = search.get('pdf');
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
        <Heading name={`Scan bench for ${scan.page}`} className="text-[17px]">
          {countShots(scan.shots)}
        </Heading>
        <p className="my-1.5 text-soft">{orderWords(scan)}</p>
        <SetName key={scan.id} name={scan.name} onName={bench.rename} />
        {scan.shots.length > 0 && (
          <ShotList shots={scan.shots} chosen={shot?.id} onChoose={setChosen} onOrder={bench.order} />
        )}
        <output className="block text-soft">
          {bench.unsent > 0 && `${plural(bench.unsent, 'photo')} on the way. You can go on.`}
          {sendPdf.isPending && 'Sending the PDF …'}
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
              <CornerStage
                key={shot.id}
                shot={shot}
                onCorners={(corners) => bench.make(shot, () => ({ corners }))}
              />
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
        <Trouble>{bench.trouble ?? (put.error ?? clear.error ?? sendPdf.error)?.message}</Trouble>
        <Button look="act" className="min-h-10 w-full" disabled={!canPut} onClick={() => put.mutate()}>
          {putWords(scan, pages.length)}
        </Button>
        <div className="flex justify-between gap-2">
          <Button look="quiet" onClick={leave}>
            Go on later
          </Button>
          <ClearBench photos={scan.shots.length} onClear={() => clear.mutate()} />
        </div>
      </div>
      {pdf && <PdfDialog scan={id} fileId={pdf} onLaid={bench.show} onClose={() => openPdf(undefined)} />}
      {isPhone && <PhoneDialog scan={id} photos={scan.shots.length} onClose={() => setPhone(false)} />}
    </div>
  );
}

const isPdf = (file: File) => file.type === 'application/pdf';

function Invitation() {
  return (
    <p className="max-w-xs text-center text-on-bar">
      Take photos of your sheets, drop or paste pictures here, or use a phone. Each page is found,
      straightened and put in order by itself.
    </p>
  );
}
