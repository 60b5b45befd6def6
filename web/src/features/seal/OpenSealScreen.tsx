import { SealScreen } from './SealScreen';

/** The check of a seal for somebody without an account. */
export function OpenSealScreen() {
  return (
    <div className="min-h-screen">
      <header className="flex h-11 items-center bg-bar px-3.5">
        <a href="/" className="font-head text-[17px] font-bold text-on-bar">
          Notchbook
        </a>
      </header>
      <main className="px-4 py-6">
        <SealScreen />
      </main>
    </div>
  );
}
