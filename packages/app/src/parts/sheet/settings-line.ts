import { bandOf } from '@drubo/core/kit';
import type { Kit, Load } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { formatBandPull, formatLeverValue, LEVER_WORDS } from '@drubo/words/movement-words';
import type { LeverId, LeverValue, LeverValues } from '@drubo/core/vocabulary';

/**
 * Settings moved away from the usual, in one line: 'Box height 45 cm · Heel lift 12 mm'; null where none is. Where a weight is held is
 * said only of one that is, and of a band its pull where it was measured.
 */
export const settingsLine = (
  variation: Variation,
  values: LeverValues,
  load: Pick<Load, 'externalKg'>,
  kit?: Pick<Kit, 'gear'>,
): string | null => {
  const said = (Object.entries(values) as [LeverId, LeverValue][]).filter(
    ([lever]) => lever !== 'load-position' || load.externalKg > 0,
  );
  const words = said.map(([lever, value]) => {
    const unit = variation.levers.find((scale) => scale.lever === lever)?.unit ?? null;
    const band = lever === 'band' && kit ? bandOf(kit, value) : undefined;
    const pull = band ? ` (${formatBandPull(band.points)})` : '';
    return `${LEVER_WORDS[lever].label} ${formatLeverValue(lever, value, unit)}${pull}`;
  });
  return words.length > 0 ? words.join(' · ') : null;
};
