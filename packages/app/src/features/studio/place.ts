export { ActivityScreen } from './ActivityScreen';
export { KitEditorScreen } from './KitEditorScreen';
export { StudioScreen } from './StudioScreen';
