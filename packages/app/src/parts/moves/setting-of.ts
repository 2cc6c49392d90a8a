import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Rung } from '@drubo/core/catalogue';
import { scaleOf } from '@drubo/core/knowledge';
import { formatLeverValue } from '@drubo/words/movement-words';
import type { LeverId, LeverValue } from '@drubo/core/vocabulary';
import { partsMovesWords } from '@drubo/words/screens/parts-moves';

const said = partsMovesWords.settingOf;

/** What a rung sets on its variation, in words: 'feet 16 cm', or nothing. */
export const settingOf = (catalogue: Catalogue, rung: Rung): string =>
  (Object.entries(rung.values ?? {}) as [LeverId, LeverValue][])
    .map(([lever, value]) => {
      const scale = scaleOf(getVariation(catalogue, rung.variationId), lever);
      const words = formatLeverValue(lever, value, scale?.unit ?? null);
      return lever === 'load-position' ? said.held(words) : words;
    })
    .join(', ');
