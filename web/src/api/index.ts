export {
  type Api,
  api,
  cookie,
  Problem,
  problem,
  readFileInk,
  readFileText,
  sendAct,
  unwrap,
} from './client';
export { type Outgoing, sendFile } from './sendFile';
