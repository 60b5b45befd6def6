export { AnnouncementsScreen } from './AnnouncementsScreen';
