import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { Button, Dialog } from '../../ui';
import { type Group, KEYS } from './keys';

/** The keys of the screen that is open, and on wish of all others; and the way to the guide. */
export function KeyHelp({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation();
  const [areAll, setAll] = useState(false);
  const here = KEYS.filter((group) => areAll || group.at.test(pathname));
  return (
    <Dialog title={areAll ? 'All keys' : 'Keys of this screen'} onClose={onClose}>
      {here.map((group) => (
        <KeyGroup key={group.name} group={group} />
      ))}
      <p className="flex flex-wrap items-center gap-4 border-t border-line pt-3">
        {!areAll && <Button onClick={() => setAll(true)}>All keys</Button>}
        <Link to="/guide" onClick={onClose} className="font-semibold text-petrol hover:underline">
          Read the guide
        </Link>
      </p>
    </Dialog>
  );
}

function KeyGroup({ group }: { group: Group }) {
  return (
    <section className="mb-4">
      <h3 className="mb-1.5 text-[14.5px]">{group.name}</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {group.keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-semibold text-petrol">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
