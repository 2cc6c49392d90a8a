export { HealthScreen } from './HealthScreen';
export { IntakeScreen } from './IntakeScreen';
export { ReferralScreen } from './ReferralScreen';
export { ScreeningScreen } from './ScreeningScreen';
export { StaircasesScreen } from './StaircasesScreen';
