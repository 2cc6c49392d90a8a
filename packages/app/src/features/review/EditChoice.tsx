import { useState } from 'react';
import type { ChoiceDto, KitDto, ReviewItemDto } from '@drubo/contracts';
import { loadsForVariation } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { VERDICT_LABELS } from '@drubo/words/explain';
import { VERDICTS } from '@drubo/core/vocabulary';
import type { Verdict } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { DoseEditor } from '../../parts/sheet/DoseEditor';
import { Alternatives } from './Alternatives';
import { choiceFrom } from './choices';
import { common } from '@drubo/words/screens/common';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.editChoice;

const OPTIONS = VERDICTS.map((value) => ({ value, label: VERDICT_LABELS[value] }));

const movedOf = ({ variationId, values, ...rest }: Partial<ChoiceDto>): Pick<ChoiceDto, 'variationId' | 'values' | 'method'> => ({
  ...(variationId === undefined ? {} : { variationId }),
  ...(values === undefined ? {} : { values }),
  ...(rest.method === undefined ? {} : { method: rest.method }),
});

/** Another verdict, another dose. The proposal is kept beside it. */
export const EditChoice = ({
  item,
  kit,
  variation,
  choice,
  onSave,
  onClose,
}: {
  item: ReviewItemDto;
  kit: KitDto;
  variation: Variation;
  choice: ChoiceDto;
  onSave(choice: ChoiceDto): void;
  onClose(): void;
}) => {
  const { itemId, proposal, from } = item;
  const [verdict, setVerdict] = useState<Verdict>(choice.verdict);
  const [dose, setDose] = useState(choice.dose);
  /** Another movement or settings stay only with the outcome they came from. */
  const [moved, setMoved] = useState<Pick<ChoiceDto, 'variationId' | 'values' | 'method'>>(movedOf(choice));
  const shown = (moved.variationId && findVariation(builtInCatalogue, moved.variationId)) || variation;
  const choose = (next: Verdict) => {
    setVerdict(next);
    // The same again means the numbers just done; the proposed verdict brings its own numbers back.
    if (next === 'same-again') {
      setDose(from);
      setMoved({});
    } else if (next === proposal.verdict) {
      setDose(proposal.dose);
      setMoved(movedOf(proposal));
    }
  };
  return (
    <Modal
      title={variation.name}
      onClose={onClose}
      closes={common.cancel}
      actions={
        <>
          <Button label={words.asProposed} onPress={() => onSave(choiceFrom(itemId, proposal))} />
          <Button look="main" label={words.useThis} onPress={() => onSave({ itemId, verdict, dose, ...moved })} />
        </>
      }
    >
      <Choices label={words.verdict} options={OPTIONS} value={verdict} onChange={choose} />
      {verdict === 'leave-out' ? (
        <Txt tone="quiet">{words.itStaysOffThe}</Txt>
      ) : (
        <>
          {shown.id !== variation.id && <Txt kind="bold">{shown.name}</Txt>}
          <DoseEditor
            dose={dose}
            role="main"
            variation={shown}
            loads={loadsForVariation(kit, shown, moved.values ?? item.values)}
            onChange={setDose}
          />
          <Alternatives itemId={itemId} variation={variation} alternatives={item.alternatives} onChoose={onSave} />
        </>
      )}
    </Modal>
  );
};
