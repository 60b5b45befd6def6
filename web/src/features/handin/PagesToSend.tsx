import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, dayName, plural, Tick } from '../../ui';
import { contentsQuery, inOrder } from '../contents';
import type { Picked } from './picked';

type Props = { notebook: string; picked: Picked; onPick: (picked: Picked) => void };

/** Which pages go: all of a section, or those that are ticked, whatever section they are in. */
export function PagesToSend({ notebook, picked, onPick }: Props) {
  const { pages, sections } = useSuspenseQuery(contentsQuery(notebook)).data;
  const [isChoosing, setChoosing] = useState(picked.pages.length > 0);
  const byId = new Map(pages.map((page) => [page.id, page]));
  const chosen = picked.section
    ? pages.filter((page) => page.sectionId === picked.section).map((page) => page.id)
    : picked.pages;
  // Sections that something went from when the list was opened come first; none moves under the hand.
  const [first] = useState(() => new Set(chosen.map((page) => byId.get(page)?.sectionId)));
  const holds = (section: string) => first.has(section);
  const tick = (page: string, isOn: boolean) => {
    const wanted = new Set(isOn ? [...chosen, page] : chosen.filter((one) => one !== page));
    if (wanted.size > 0) onPick({ pages: pages.map(({ id }) => id).filter((id) => wanted.has(id)) });
  };
  const byDay = () =>
    onPick({
      pages: [...chosen].sort((a, b) => (byId.get(a)?.day ?? '').localeCompare(byId.get(b)?.day ?? '')),
    });
  if (!isChoosing)
    return (
      <Button look="quiet" className="-ml-1.5" onClick={() => setChoosing(true)}>
        Choose other pages
      </Button>
    );
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{plural(chosen.length, 'page')} of this notebook</legend>
      <div className="max-h-64 overflow-auto rounded-md border border-line px-2 py-1">
        {inOrder(sections)
          .map(({ section }) => section)
          .filter((section) => pages.some((page) => page.sectionId === section.id))
          .sort((a, b) => Number(holds(b.id)) - Number(holds(a.id)))
          .map((section) => (
            <div key={section.id} className="py-1">
              <p className="text-[13px] font-semibold text-petrol">{section.title}</p>
              {pages
                .filter((page) => page.sectionId === section.id)
                .map((page) => (
                  <Page key={page.id} page={page} isOn={chosen.includes(page.id)} onTick={tick} />
                ))}
            </div>
          ))}
      </div>
      {chosen.length > 1 && (
        <Button look="quiet" className="mt-1 -ml-1.5" onClick={byDay}>
          Put them in the order of their days
        </Button>
      )}
    </fieldset>
  );
}

type PageProps = { page: Api['PageLine']; isOn: boolean; onTick: (page: string, isOn: boolean) => void };

function Page({ page, isOn, onTick }: PageProps) {
  return (
    <Tick checked={isOn} onChange={(event) => onTick(page.id, event.target.checked)}>
      <span className="min-w-0 flex-1">{page.title}</span>
      <span className="text-[13px] whitespace-nowrap text-soft">{dayName(page.day)}</span>
    </Tick>
  );
}
