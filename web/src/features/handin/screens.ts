export { ClassBookScreen, SectionBookScreen, VersionBookScreen, YearBookScreen } from './BookScreens';
export { CheckScreen } from './CheckScreen';
export { GoToHandIn } from './GoToHandIn';
export { HandInScreen } from './HandInScreen';
export { HandInsScreen } from './HandInsScreen';
export { OverviewScreen } from './OverviewScreen';
export { VersionScreen } from './VersionScreen';
export { WeeklyScreen } from './WeeklyScreen';
