import { type ComponentType, lazy } from 'react';
import type { RouteObject } from 'react-router';
import { ErrorScreen, HomeScreen, Shell } from './features/shell';
import { WeekScreen } from './features/week';

/** The code of a room comes when it is needed; the service worker has it before, so it is there without a network too. */
function screens<Name extends string>(
  load: () => Promise<Record<Name, ComponentType>>,
  ...names: Name[]
): Record<Name, ComponentType> {
  const screen = (name: Name): ComponentType =>
    lazy<ComponentType>(async () => ({ default: (await load())[name] }));
  return Object.fromEntries(names.map((name) => [name, screen(name)])) as Record<Name, ComponentType>;
}

const { AccountScreen } = screens(() => import('./features/account'), 'AccountScreen');
const { AnnouncementsScreen } = screens(
  () => import('./features/announcement/screens'),
  'AnnouncementsScreen',
);
const { BagsScreen } = screens(() => import('./features/bag'), 'BagsScreen');
const { BookPatternsScreen, BookScreen, BooksScreen } = screens(
  () => import('./features/book'),
  'BookPatternsScreen',
  'BookScreen',
  'BooksScreen',
);
const { NewNotebookScreen } = screens(() => import('./features/begin'), 'NewNotebookScreen');
const { SchoolYearsScreen } = screens(() => import('./features/calendar'), 'SchoolYearsScreen');
const { CollectionScreen, CollectionsScreen, GoToThing, SharedScreen } = screens(
  () => import('./features/collection/screens'),
  'CollectionScreen',
  'CollectionsScreen',
  'GoToThing',
  'SharedScreen',
);
const { BinScreen, NeedleScreen, NotebookScreen, SectionScreen, UnfiledScreen } = screens(
  () => import('./features/contents/screens'),
  'BinScreen',
  'NeedleScreen',
  'NotebookScreen',
  'SectionScreen',
  'UnfiledScreen',
);
const { ClassScreen, CoverageScreen, StudentScreen } = screens(
  () => import('./features/coverage'),
  'ClassScreen',
  'CoverageScreen',
  'StudentScreen',
);
const { ShownScreen } = screens(() => import('./features/show/screens'), 'ShownScreen');
const { EditionScreen } = screens(() => import('./features/edition'), 'EditionScreen');
const { GoToEntry } = screens(() => import('./features/entry'), 'GoToEntry');
const { SetWorkScreen } = screens(() => import('./features/setwork/screens'), 'SetWorkScreen');
const { GroupsScreen } = screens(() => import('./features/group/screens'), 'GroupsScreen');
const { GrowthScreen } = screens(() => import('./features/growth'), 'GrowthScreen');
const { GuideScreen } = screens(() => import('./features/guide'), 'GuideScreen');
const {
  ClassBookScreen,
  SectionBookScreen,
  VersionBookScreen,
  YearBookScreen,
  CheckScreen,
  GoToHandIn,
  HandInScreen,
  HandInsScreen,
  OverviewScreen,
  VersionScreen,
  WeeklyScreen,
} = screens(
  () => import('./features/handin/screens'),
  'ClassBookScreen',
  'SectionBookScreen',
  'VersionBookScreen',
  'YearBookScreen',
  'CheckScreen',
  'GoToHandIn',
  'HandInScreen',
  'HandInsScreen',
  'OverviewScreen',
  'VersionScreen',
  'WeeklyScreen',
);
const { MarksScreen } = screens(() => import('./features/mark'), 'MarksScreen');
const { GoToPage, PageScreen } = screens(() => import('./features/page'), 'GoToPage', 'PageScreen');
const { PapersScreen } = screens(() => import('./features/paper'), 'PapersScreen');
const { ClassPlanScreen, OwnPlanScreen } = screens(
  () => import('./features/plan'),
  'ClassPlanScreen',
  'OwnPlanScreen',
);
const { LookBackScreen, PromptSetsScreen, SheetScreen, SheetsScreen } = screens(
  () => import('./features/reflection'),
  'LookBackScreen',
  'PromptSetsScreen',
  'SheetScreen',
  'SheetsScreen',
);
const { LinksScreen } = screens(() => import('./features/reading/screens'), 'LinksScreen');
const { NoticeboardBookScreen, NoticeboardScreen, PieceScreen } = screens(
  () => import('./features/noticeboard/screens'),
  'NoticeboardBookScreen',
  'NoticeboardScreen',
  'PieceScreen',
);
const { ScanScreen } = screens(() => import('./features/scan'), 'ScanScreen');
const { SchoolScreen } = screens(() => import('./features/school/screens'), 'SchoolScreen');
const { SyllabiScreen, SyllabusScreen } = screens(
  () => import('./features/syllabus'),
  'SyllabiScreen',
  'SyllabusScreen',
);

/** Every screen and its address. */
export const routes: RouteObject[] = [
  {
    element: <Shell />,
    errorElement: <ErrorScreen />,
    children: [
      { path: '/', element: <HomeScreen /> },
      { path: '/week/:monday', element: <WeekScreen /> },
      { path: '/new', element: <NewNotebookScreen /> },
      { path: '/n/:notebook', element: <NotebookScreen /> },
      { path: '/n/:notebook/s/:section', element: <SectionScreen /> },
      { path: '/n/:notebook/s/:section/hand-in', element: <HandInScreen /> },
      { path: '/n/:notebook/hand-in', element: <HandInScreen /> },
      { path: '/n/:notebook/p/:page', element: <PageScreen /> },
      { path: '/n/:notebook/p/:page/scan/:scan', element: <ScanScreen /> },
      { path: '/p/:page', element: <GoToPage /> },
      { path: '/e/:entry', element: <GoToEntry /> },
      { path: '/n/:notebook/marks', element: <MarksScreen /> },
      { path: '/marks', element: <MarksScreen /> },
      { path: '/n/:notebook/needle', element: <NeedleScreen /> },
      { path: '/n/:notebook/unfiled', element: <UnfiledScreen /> },
      { path: '/n/:notebook/coverage', element: <CoverageScreen /> },
      { path: '/n/:notebook/plan', element: <OwnPlanScreen /> },
      { path: '/n/:notebook/papers', element: <PapersScreen /> },
      { path: '/n/:notebook/edition', element: <EditionScreen /> },
      { path: '/n/:notebook/reflections', element: <SheetsScreen /> },
      { path: '/n/:notebook/reflections/:week', element: <SheetScreen /> },
      { path: '/n/:notebook/look-backs/:lookBack', element: <LookBackScreen /> },
      { path: '/n/:notebook/growth', element: <GrowthScreen /> },
      { path: '/growth', element: <GrowthScreen /> },
      { path: '/books', element: <BooksScreen /> },
      { path: '/books/:book', element: <BookScreen /> },
      { path: '/books/:book/read', element: <YearBookScreen /> },
      { path: '/n/:notebook/bin', element: <BinScreen /> },
      { path: '/classes/:class', element: <ClassScreen /> },
      { path: '/classes/:class/plan', element: <ClassPlanScreen /> },
      { path: '/classes/:class/groups', element: <GroupsScreen /> },
      { path: '/classes/:class/noticeboard', element: <NoticeboardScreen /> },
      { path: '/classes/:class/noticeboard/:piece', element: <PieceScreen /> },
      { path: '/classes/:class/noticeboard/:piece/read', element: <NoticeboardBookScreen /> },
      { path: '/classes/:class/said', element: <AnnouncementsScreen /> },
      { path: '/classes/:class/sheets', element: <WeeklyScreen /> },
      { path: '/classes/:class/prompts', element: <PromptSetsScreen /> },
      { path: '/prompts', element: <PromptSetsScreen /> },
      { path: '/classes/:class/:student', element: <StudentScreen /> },
      { path: '/guide', element: <GuideScreen /> },
      { path: '/guide/:guide', element: <GuideScreen /> },
      { path: '/account', element: <AccountScreen /> },
      { path: '/links', element: <LinksScreen /> },
      { path: '/bags', element: <BagsScreen /> },
      { path: '/classes/:class/book-patterns', element: <BookPatternsScreen /> },
      { path: '/school/book-patterns', element: <BookPatternsScreen /> },
      { path: '/school', element: <SchoolScreen /> },
      { path: '/school-years', element: <SchoolYearsScreen /> },
      { path: '/syllabi', element: <SyllabiScreen /> },
      { path: '/syllabi/:edition', element: <SyllabusScreen /> },
      { path: '/collections', element: <CollectionsScreen /> },
      { path: '/collections/:collection', element: <CollectionScreen /> },
      { path: '/things/:thing', element: <GoToThing /> },
      { path: '/shown/:collection', element: <ShownScreen /> },
      { path: '/shared', element: <SharedScreen /> },
      { path: '/hand-in', element: <GoToHandIn /> },
      { path: '/hand-ins', element: <HandInsScreen /> },
      { path: '/versions/:handIn', element: <VersionScreen /> },
      { path: '/versions/:handIn/read', element: <VersionBookScreen /> },
      { path: '/set-work/:setWork/:handIn/read', element: <ClassBookScreen /> },
      { path: '/unasked/:class/:handIn/read', element: <ClassBookScreen /> },
      { path: '/n/:notebook/s/:section/read', element: <SectionBookScreen /> },
      { path: '/set-work', element: <SetWorkScreen /> },
      { path: '/register', element: <OverviewScreen /> },
      { path: '/unasked/:class', element: <CheckScreen /> },
      { path: '/unasked/:class/:handIn', element: <CheckScreen /> },
      { path: '/set-work/:setWork', element: <CheckScreen /> },
      { path: '/set-work/:setWork/:handIn', element: <CheckScreen /> },
    ],
  },
];
