export { type Anchor, drawnIn, placeWords, type Remark, remarksOn, SIGN_WORDS, shortened } from './anchor';
export { stockQuery } from './queries';
export { RemarkCard } from './RemarkCard';
export { RemarkedText, SHEET_PX } from './RemarkedText';
export { RemarkSpots } from './RemarkSpots';
export { SpeakingNow } from './SpeakingNow';
export { StockCard, useStock } from './StockCard';
export { useSpeaking } from './useSpeaking';
