import type { RouteObject } from 'react-router';
import { AccountScreen } from './features/account';
import { NewNotebookScreen } from './features/begin';
import { SchoolYearsScreen } from './features/calendar';
import { CollectionScreen, CollectionsScreen } from './features/collection';
import { BinScreen, NeedleScreen, NotebookScreen, SectionScreen, UnfiledScreen } from './features/contents';
import { ClassScreen, CoverageScreen, StudentScreen } from './features/coverage';
import { EditionScreen } from './features/edition';
import { GoToEntry } from './features/entry';
import {
  CheckScreen,
  GoToHandIn,
  HandInScreen,
  HandInsScreen,
  SetWorkScreen,
  VersionScreen,
} from './features/handin';
import { MarksScreen } from './features/mark';
import { GoToPage, PageScreen } from './features/page';
import { PapersScreen } from './features/paper';
import { ClassPlanScreen, OwnPlanScreen } from './features/plan';
import { SheetScreen, SheetsScreen } from './features/reflection';
import { ScanScreen } from './features/scan';
import { SchoolScreen } from './features/school';
import { ErrorScreen, HomeScreen, Shell } from './features/shell';
import { SyllabiScreen, SyllabusScreen } from './features/syllabus';
import { WeekScreen } from './features/week';

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
      { path: '/n/:notebook/bin', element: <BinScreen /> },
      { path: '/classes/:class', element: <ClassScreen /> },
      { path: '/classes/:class/plan', element: <ClassPlanScreen /> },
      { path: '/classes/:class/:student', element: <StudentScreen /> },
      { path: '/account', element: <AccountScreen /> },
      { path: '/school', element: <SchoolScreen /> },
      { path: '/school-years', element: <SchoolYearsScreen /> },
      { path: '/syllabi', element: <SyllabiScreen /> },
      { path: '/syllabi/:edition', element: <SyllabusScreen /> },
      { path: '/collections', element: <CollectionsScreen /> },
      { path: '/collections/:collection', element: <CollectionScreen /> },
      { path: '/hand-in/:section', element: <GoToHandIn /> },
      { path: '/hand-ins', element: <HandInsScreen /> },
      { path: '/versions/:handIn', element: <VersionScreen /> },
      { path: '/set-work', element: <SetWorkScreen /> },
      { path: '/set-work/:setWork', element: <CheckScreen /> },
      { path: '/set-work/:setWork/:handIn', element: <CheckScreen /> },
    ],
  },
];
