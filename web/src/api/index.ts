export { type Api, api, type Outgoing, Problem, sendAct, sendFile, unwrap } from './client';
