// What is needed neither to see today's floor nor to log a set, as one piece: what several of these screens share is then
// loaded once.
export { HealthScreen } from '../features/care/HealthScreen';
export { IntakeScreen } from '../features/care/IntakeScreen';
export { ReferralScreen } from '../features/care/ReferralScreen';
export { ScreeningScreen } from '../features/care/ScreeningScreen';
export { StaircasesScreen } from '../features/care/StaircasesScreen';
export { MoveScreen } from '../features/moves/MoveScreen';
export { MovesLayout } from '../features/moves/MovesLayout';
export { MovesScreen } from '../features/moves/MovesScreen';
export { OwnFormScreen } from '../features/moves/OwnFormScreen';
export { OwnScreen } from '../features/moves/OwnScreen';
export { EditPersonScreen, NewPersonScreen } from '../features/people/EditPersonScreen';
export { PersonScreen } from '../features/people/PersonScreen';
export { ExerciseTrendScreen } from '../features/history/ExerciseTrendScreen';
export { SessionRecordScreen } from '../features/history/SessionRecordScreen';
export { TrendsScreen } from '../features/history/TrendsScreen';
export { PlanDayScreen } from '../features/weeks/PlanDayScreen';
export { WeeksScreen } from '../features/weeks/WeeksScreen';
export { SearchScreen } from '../features/search/SearchScreen';
export { ReviewScreen } from '../features/review/ReviewScreen';
export { SheetScreen } from '../features/sheet/SheetScreen';
export { ActivityScreen } from '../features/studio/ActivityScreen';
export { KitEditorScreen } from '../features/studio/KitEditorScreen';
export { StudioScreen } from '../features/studio/StudioScreen';
