import { MagnifyingGlass } from '@phosphor-icons/react';
import { useMutation } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { Suspense, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { type Api, api } from '../../api';
import { forgetForGood } from '../../device';
import { chooseTheme, Key, THEMES, UndoBar, useKeys } from '../../ui';
import { ContentsPanel } from '../contents';
import { FindBox } from '../find';
import { SetWorkPanel } from '../handin';
import { useMe } from '../people';
import { KeeperPanel } from '../school';
import { PlayerProvider, PlayingBar, RecorderProvider, RecordingBar } from '../voice';
import { GoTo } from './GoTo';
import { KeptMessages } from './KeptMessages';
import { KeyHelp } from './KeyHelp';
import { ReadingDialog } from './ReadingDialog';
import { Rooms } from './Rooms';
import { WeekRuler } from './WeekRuler';

/** The frame of every screen: the week ruler above, the contents at the left, the screen beside them. */
export function Shell() {
  return (
    <RecorderProvider>
      <PlayerProvider>
        <Frame />
      </PlayerProvider>
    </RecorderProvider>
  );
}

function Frame() {
  const me = useMe();
  const isStudent = me.role === 'STUDENT';
  const Panel = PANELS[me.role];
  const [isOpen, setOpen] = useState(false);
  const [isFinding, setFinding] = useState(false);
  const [isHelping, setHelping] = useState(false);
  const [isGoing, setGoing] = useState(false);
  const [isReading, setReading] = useState(false);
  const { pathname } = useLocation();
  // The scan bench needs the width, and leads back to its page by itself.
  // A page hangs from the head.
  const isPage = /\/p\/[^/]+$/.test(pathname);
  const isBench = pathname.includes('/scan/');
  useKeys({
    '/': () => isStudent && setFinding(true),
    '?': () => setHelping(true),
    g: () => setGoing(true),
  });
  return (
    <div className="flex min-h-screen flex-col">
      <a
        href="#screen"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-2"
      >
        Skip to the page
      </a>
      <header className="no-print sticky top-0 z-30 flex h-11 items-center gap-3 bg-bar px-3.5 text-on-bar">
        <Link to="/" className="w-auto font-head text-[17px] font-bold md:w-[196px]">
          Notchbook
        </Link>
        <Rooms
          role={me.role}
          className="hidden shrink-0 gap-4 lg:flex"
          look={(isHere) => (isHere ? 'font-semibold text-on-bar' : 'text-on-bar-soft hover:text-on-bar')}
        />
        <WeekRuler isStudent={isStudent} />
        {isStudent && (
          <button
            type="button"
            onClick={() => setFinding(true)}
            className="flex min-h-8 items-center gap-2 rounded-md border border-bar-line px-2 py-1 text-on-bar-soft hover:text-on-bar lg:px-3"
          >
            <MagnifyingGlass aria-hidden="true" className="lg:hidden" />
            <span className="sr-only lg:not-sr-only">Find words, codes</span>
            <span className="hidden lg:inline">
              <Key>/</Key>
            </span>
          </button>
        )}
        <PersonMenu me={me} onHelp={() => setHelping(true)} onRead={() => setReading(true)} />
      </header>
      <div className="flex flex-1">
        <button
          type="button"
          className="fixed bottom-3 left-3 z-40 rounded-md border border-line bg-card px-3 py-2 font-semibold shadow md:hidden"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? 'Close' : 'Contents'}
        </button>
        <aside
          className={`no-print w-[224px] shrink-0 px-2.5 py-3 md:sticky md:top-11 md:h-[calc(100vh-2.75rem)] md:self-start ${isBench ? '' : 'md:flex md:flex-col'} ${
            isOpen
              ? 'fixed inset-x-0 top-11 bottom-0 z-30 flex w-full flex-col overflow-y-auto bg-desk pb-16'
              : 'hidden'
          }`}
        >
          <Rooms
            role={me.role}
            onGo={() => setOpen(false)}
            className="mb-2 flex flex-wrap gap-1.5 lg:hidden"
            look={(isHere) =>
              `rounded-md bg-card px-2.5 py-1 text-[13.5px] font-semibold ${isHere ? 'text-petrol' : ''}`
            }
          />
          <div className="min-h-0 flex-1 md:overflow-y-auto">
            <Panel onGo={() => setOpen(false)} />
          </div>
        </aside>
        <main id="screen" className={`min-w-0 flex-1 px-3 pb-20 md:pr-5 md:pl-2.5 ${isPage ? '' : 'pt-3.5'}`}>
          <KeptMessages />
          <RecordingBar />
          <PlayingBar />
          <Suspense fallback={<p className="p-4 text-soft">Opening…</p>}>
            <Outlet />
          </Suspense>
        </main>
      </div>
      <UndoBar />
      {isFinding && <FindBox onClose={() => setFinding(false)} />}
      {isGoing && <GoTo role={me.role} onClose={() => setGoing(false)} />}
      {isReading && <ReadingDialog onClose={() => setReading(false)} />}
      {isHelping && <KeyHelp onClose={() => setHelping(false)} />}
    </div>
  );
}

/** What stands at the left, for each kind of person. */
const PANELS = { STUDENT: ContentsPanel, TEACHER: SetWorkPanel, KEEPER: KeeperPanel };

function PersonMenu({
  me,
  onHelp,
  onRead,
}: {
  me: Api['PersonView'];
  onHelp: () => void;
  onRead: () => void;
}) {
  const go = useNavigate();
  const signOut = useMutation({
    // The description of the API knows only our own endpoints; signing out is the security filter's.
    mutationFn: () => api.POST('/api/sign-out' as never),
    onSettled: async () => {
      await forgetForGood();
      window.location.assign('/');
    },
  });
  const item = 'cursor-pointer rounded px-3 py-1.5 text-left outline-none data-highlighted:bg-petrol-wash';
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="rounded px-1 py-1 font-semibold whitespace-nowrap">
        {me.fullName}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        sideOffset={6}
        className="z-40 flex w-56 flex-col rounded-md border border-line bg-card p-1.5 text-ink shadow-lg"
      >
        {THEMES.map((theme) => (
          <DropdownMenu.Item key={theme} className={item} onSelect={() => chooseTheme(theme)}>
            {{ light: 'Light', dark: 'Dark', contrast: 'High contrast' }[theme]}
          </DropdownMenu.Item>
        ))}
        <DropdownMenu.Item className={item} onSelect={() => go('/account')}>
          Account
        </DropdownMenu.Item>
        {me.role === 'STUDENT' && (
          <>
            <DropdownMenu.Item className={item} onSelect={() => go('/links')}>
              Links for readers
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={() => go('/bags')}>
              Take your work along
            </DropdownMenu.Item>
          </>
        )}
        <DropdownMenu.Item className={item} onSelect={onRead}>
          How text looks
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} onSelect={onHelp}>
          Keys and guide
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} onSelect={() => signOut.mutate()}>
          Sign out
        </DropdownMenu.Item>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
