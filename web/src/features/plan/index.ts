export { ClassPlanScreen } from './ClassPlanScreen';
export { OwnPlanScreen } from './OwnPlanScreen';
