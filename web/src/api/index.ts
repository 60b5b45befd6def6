export { type Api, api, Problem, sendFile, unwrap } from './client';
