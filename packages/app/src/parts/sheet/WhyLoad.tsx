import type { SheetItemDto } from '@drubo/contracts';
import type { Variation } from '@drubo/core/catalogue';
import type { Reason } from '@drubo/core/vocabulary';
import { WhyDot } from '../../ui/Why';
import { Evidence } from './Evidence';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.whyLoad;

/** Why a load is what it is: the reasons, and where strength was estimated the very sets behind it. */
export const WhyLoad = ({
  variation,
  item,
  reasons,
  label,
}: {
  variation: Variation;
  item: Pick<SheetItemDto, 'past' | 'dose'>;
  reasons: readonly Reason[];
  label?: string;
}) => {
  const rests = reasons.some(({ basis }) => basis === 'strength-model') && item.past.length > 0;
  return (
    <WhyDot
      about={words.load(variation.name)}
      reasons={reasons}
      {...(label === undefined ? {} : { label })}
      more={rests ? () => <Evidence variation={variation} item={item} reasons={reasons} /> : undefined}
    />
  );
};
