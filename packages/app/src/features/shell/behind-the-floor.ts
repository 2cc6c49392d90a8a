// Everything that isn't needed to see today's floor, as one piece: what several of these screens share is then loaded with
// them and not before the floor.
export { HealthScreen } from '../care/HealthScreen';
export { IntakeScreen } from '../care/IntakeScreen';
export { ReferralScreen } from '../care/ReferralScreen';
export { ScreeningScreen } from '../care/ScreeningScreen';
export { StaircasesScreen } from '../care/StaircasesScreen';
export { LiveScreen } from '../live/LiveScreen';
export { MoveScreen } from '../moves/MoveScreen';
export { MovesLayout } from '../moves/MovesLayout';
export { MovesScreen } from '../moves/MovesScreen';
export { OwnFormScreen } from '../moves/OwnFormScreen';
export { OwnScreen } from '../moves/OwnScreen';
export { EditPersonScreen, NewPersonScreen } from '../people/EditPersonScreen';
export { PersonScreen } from '../people/PersonScreen';
export { ExerciseTrendScreen } from '../history/ExerciseTrendScreen';
export { SessionRecordScreen } from '../history/SessionRecordScreen';
export { TrendsScreen } from '../history/TrendsScreen';
export { SearchScreen } from '../search/SearchScreen';
export { ReviewScreen } from '../review/ReviewScreen';
export { SheetScreen } from '../sheet/SheetScreen';
export { ActivityScreen } from '../studio/ActivityScreen';
export { KitEditorScreen } from '../studio/KitEditorScreen';
export { StudioScreen } from '../studio/StudioScreen';
