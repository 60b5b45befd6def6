import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { useOutbox } from '../../device';
import { Button, Card, ChoiceField, Heading, plural, Trouble } from '../../ui';
import { contentsQuery } from '../contents';
import { PdfLinks } from './PdfLinks';
import { readyQuery } from './queries';
import { dueLine, STATE_WORDS } from './words';

const BUDGET_BYTES = 100_000_000;

/** The check before a hand-in: what is missing, where to mend it, what goes out; then seal and send. */
export function HandInScreen() {
  const { notebook = '', section = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const ready = useSuspenseQuery(readyQuery(section, search.get('setWork') ?? undefined)).data;
  const queries = useQueryClient();
  const go = useNavigate();
  const { outbox } = useOutbox();
  const seal = useMutation({
    mutationFn: async (withMissing: boolean) => {
      await outbox.send();
      const body = { sectionId: section, setWorkId: ready.setWork.id, withMissing };
      return unwrap(api.PUT('/api/hand-ins/{id}', { params: { path: { id: newId() } }, body }));
    },
    onSuccess: (version) => {
      queries.invalidateQueries({ queryKey: ['hand-ins'] });
      queries.invalidateQueries({ queryKey: ['ready', section] });
      go(`/versions/${version.id}`);
    },
  });
  const next = `Seal version ${ready.nextVersion} and send`;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_372px]">
      <div className="min-w-0">
        <Heading name={`Hand in “${ready.title}”`} className="text-[24px]" />
        <p className="mb-3 text-soft">
          {plural(ready.pages, 'page')} · for {ready.setWork.teacher}'s {ready.setWork.title} ·{' '}
          {dueLine(ready.setWork)}
        </p>
        <Card>
          <ul>
            {ready.lines.map((line) => (
              <CheckLine key={line.words} line={line} notebook={notebook} section={section} />
            ))}
          </ul>
        </Card>
        <Trouble>{seal.error?.message}</Trouble>
        {ready.canSeal ? (
          <div className="mt-3.5 flex flex-wrap gap-2.5">
            <Button
              look="act"
              className="min-h-9"
              disabled={ready.missing > 0 || seal.isPending}
              onClick={() => seal.mutate(false)}
            >
              {next}
            </Button>
            {ready.missing > 0 && (
              <Button className="min-h-9" disabled={seal.isPending} onClick={() => seal.mutate(true)}>
                Send with {plural(ready.missing, 'thing')} missing
              </Button>
            )}
          </div>
        ) : (
          <p className="mt-3.5">
            Version {ready.last?.version} is {ready.last && STATE_WORDS[ready.last.state]}.{' '}
            <Link to={`/versions/${ready.last?.id}`} className="font-semibold text-petrol hover:underline">
              Look at it, or take it back
            </Link>
          </p>
        )}
      </div>
      <div className="grid gap-3">
        {ready.choices.length > 1 && (
          <Card>
            <ChoiceField
              label="For"
              value={ready.setWork.id}
              onChange={(event) => setSearch({ setWork: event.target.value })}
            >
              {ready.choices.map((work) => (
                <option key={work.id} value={work.id}>
                  {work.title}
                </option>
              ))}
            </ChoiceField>
          </Card>
        )}
        <WhatGoesOut ready={ready} />
        <Card title="After sealing">
          <p className="text-soft">
            {ready.setWork.teacher} reads this version as it is now. You can go on working; your pages stay
            yours. You can take it back until it is opened.
          </p>
        </Card>
      </div>
    </div>
  );
}

const MARKS: Record<Api['LineView']['outcome'], [string, string, string]> = {
  BLOCKS: ['M2 2h9v9H2z', 'text-rust', 'missing'],
  WARNS: ['M6.500 1 12 11.500H1z', 'text-brass', 'look at this'],
  PASSES: ['M6.500 3a3.500 3.500 0 1 0 .01 0z', 'text-moss', 'fine'],
};

function CheckLine({
  line,
  notebook,
  section,
}: {
  line: Api['LineView'];
  notebook: string;
  section: string;
}) {
  const [path, colour, name] = MARKS[line.outcome];
  return (
    <li className="flex items-center gap-5 border-b border-line py-2 last:border-0">
      <svg
        viewBox="0 0 13 13"
        className={`size-3 shrink-0 fill-current ${colour}`}
        role="img"
        aria-label={name}
      >
        <path d={path} />
      </svg>
      <span className="flex-1">{line.words}</span>
      <Mend place={line.mend} notebook={notebook} section={section} />
    </li>
  );
}

/** The way to the place that mends a line. */
function Mend({ place, notebook, section }: { place: Api['PlaceView']; notebook: string; section: string }) {
  const pages = useSuspenseQuery(contentsQuery(notebook)).data.pages.filter(
    (page) => page.sectionId === section,
  );
  const [to, words] = place.week
    ? [`/n/${notebook}/reflections/${place.week}`, 'Write on']
    : place.point
      ? [
          pages[0]
            ? `/n/${notebook}/p/${pages.at(-1)?.id}?point=${place.code}`
            : `/n/${notebook}/s/${section}`,
          `Go to ${place.code}`,
        ]
      : place.page
        ? [`/n/${notebook}/p/${place.page}${place.entry ? `?entry=${place.entry}` : ''}`, 'See it']
        : [];
  return to ? (
    <Link to={to} className="font-semibold whitespace-nowrap text-petrol hover:underline">
      {words}
    </Link>
  ) : null;
}

function WhatGoesOut({ ready }: { ready: Api['ReadyView'] }) {
  const megabytes = (bytes: number) => (bytes / 1e6).toFixed(1);
  const parts = [
    plural(ready.pages, 'page'),
    plural(ready.photos, 'photo'),
    plural(ready.drawings, 'drawing'),
    plural(ready.recordings, 'recording'),
  ];
  return (
    <Card title="What goes out">
      <p className="text-soft">{parts.join(', ')}</p>
      <p className="mt-1.5 mb-3 flex items-center gap-3 text-soft">
        {megabytes(ready.bytes)} of {BUDGET_BYTES / 1e6} MB
        <meter min={0} max={BUDGET_BYTES} value={ready.bytes} aria-label="Size" className="h-2.5 w-32" />
      </p>
      <PdfLinks href={`/api/sections/${ready.sectionId}/pdf`} name="PDF as it is now" />
    </Card>
  );
}
