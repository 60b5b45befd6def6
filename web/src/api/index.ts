export {
  type Api,
  api,
  Problem,
  readFileInk,
  readFileLines,
  readFileText,
  sendAct,
  sendForm,
  unwrap,
} from './client';
export { type Growing, sendAsItGrows } from './sendAsItGrows';
export { type Outgoing, sendBag, sendFile } from './sendFile';
export { useInTurn } from './useInTurn';
