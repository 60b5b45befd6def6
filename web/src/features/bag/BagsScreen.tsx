import { Heading } from '../../ui';
import { BringCard } from './BringCard';
import { MakeCard } from './MakeCard';

/** Where a student takes their work along, and brings in what they took along from elsewhere. */
export function BagsScreen() {
  return (
    <div className="max-w-4xl">
      <Heading name="Take your work along" className="mb-1 text-[24px]" />
      <p className="mb-3 max-w-[68ch] text-soft">
        A bag is one ZIP file with your work in open formats: pages, drawings, photos, sounds, versions that
        you handed in, and a digest of each, so that a damaged file is noticed. A Notchbook takes it in again;
        anything else can open what is in it.
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3.5 lg:grid-cols-2">
        <MakeCard />
        <BringCard />
      </div>
    </div>
  );
}
