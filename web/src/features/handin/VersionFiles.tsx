import { PdfLinks } from './PdfLinks';
import { SaveCopy } from './SaveCopy';

/** What of a sealed version can be saved: to print, or as a package by which anybody can check its seal. */
export function VersionFiles({ id }: { id: string }) {
  const look = 'font-semibold text-petrol hover:underline';
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <PdfLinks href={`/api/hand-ins/${id}/pdf`} name="PDF" />
      <SaveCopy base={`/api/hand-ins/${id}`} />
      <a href={`/api/hand-ins/${id}/package`} className={look}>
        Package
      </a>
      <a href="/seal" className={look}>
        Check a seal
      </a>
    </div>
  );
}
