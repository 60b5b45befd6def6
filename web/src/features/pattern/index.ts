export { PatternEditor } from './PatternEditor';
export { PatternShape } from './PatternShape';
export { patternsQuery } from './queries';
export {
  arranged,
  columnOf,
  columns,
  entriesIn,
  homeOf,
  type Pattern,
  type Zone,
  zoneAfter,
  zoneOf,
} from './zones';
