import { SaveCopies } from '../copy';

/** What of a sealed version can be saved: to print, or as a package by which anybody can check its seal. */
export function VersionFiles({ id }: { id: string }) {
  const look = 'font-semibold text-petrol hover:underline';
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <SaveCopies kind="VERSION" of={id} />
      <a href={`/api/hand-ins/${id}/package`} className={look}>
        Package
      </a>
      <a href="/seal" className={look}>
        Check a seal
      </a>
    </div>
  );
}
