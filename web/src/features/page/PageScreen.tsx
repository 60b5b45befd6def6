import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { PagePicker } from '../contents';
import { pageQuery } from '../entry';
import { OpenPage } from './OpenPage';

/** A page; with `beside` in its address a second one next to it, each scrolling alone. */
export function PageScreen() {
  const { page: id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const beside = search.get('beside');
  const [isPicking, setPicking] = useState(false);
  const setBeside = (other: string | undefined) => {
    setPicking(false);
    setSearch((now) => {
      if (other) now.set('beside', other);
      else now.delete('beside');
      return now;
    });
  };
  return (
    <>
      {beside ? (
        <TwoPages key={`${id} ${beside}`} first={id} second={beside} onClose={() => setBeside(undefined)} />
      ) : (
        <OpenPage key={id} id={id} isActive onBesideWanted={() => setPicking(true)} />
      )}
      {isPicking && (
        <PagePicker
          title="Which page beside this one?"
          notIn={id}
          onPick={setBeside}
          onClose={() => setPicking(false)}
        />
      )}
    </>
  );
}

function TwoPages({ first, second, onClose }: { first: string; second: string; onClose: () => void }) {
  const [active, setActive] = useState(first);
  const left = useSuspenseQuery(pageQuery(first)).data;
  const right = useSuspenseQuery(pageQuery(second)).data;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-2">
      {[
        { page: left, other: right },
        { page: right, other: left },
      ].map(({ page, other }) => (
        <div
          key={page.id}
          className={`relative min-w-0 rounded-lg lg:h-[calc(100vh-4.25rem)] ${
            page.id === active ? 'outline-2 outline-petrol' : ''
          }`}
          onFocusCapture={() => setActive(page.id)}
          onPointerDownCapture={() => setActive(page.id)}
        >
          <OpenPage
            id={page.id}
            isActive={page.id === active}
            other={other}
            onCloseBeside={page.id === second ? onClose : undefined}
          />
        </div>
      ))}
    </div>
  );
}
