import * as en from './en/movement-words';
import { byLanguage } from './language';

/** Sentences about movements, in the language in use: apart from the others, because few screens need them. */
export const {
  formatGate,
  formatNotch,
  formatRemedy,
  formatDifference,
  formatMissing,
  formatWhyNot,
  formatPostureRemedies,
  formatCustomProblem,
  formatBandPull,
  formatLeverValue,
  LEVER_WORDS,
} = byLanguage({ en });
