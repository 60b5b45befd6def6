export { NoticeboardBookScreen } from './NoticeboardBookScreen';
export { NoticeboardScreen } from './NoticeboardScreen';
export { PieceScreen } from './PieceScreen';
