import { useState } from 'react';
import type { ChoiceDto, KitDto, ReviewItemDto } from '@drubo/contracts';
import { loadsForVariation } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { VERDICT_LABELS } from '@drubo/core/explain';
import { VERDICTS } from '@drubo/core/vocabulary';
import type { Verdict } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { DoseEditor } from '../sheet/DoseEditor';

const OPTIONS = VERDICTS.map((value) => ({ value, label: VERDICT_LABELS[value] }));

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
  const choose = (next: Verdict) => {
    setVerdict(next);
    // The same again means the numbers just done; the proposed verdict brings its own numbers back.
    if (next === 'same-again') setDose(from);
    else if (next === proposal.verdict) setDose(proposal.dose);
  };
  return (
    <Modal
      title={variation.name}
      onClose={onClose}
      actions={
        <>
          <Button label="Cancel" onPress={onClose} />
          <Button label="As proposed" onPress={() => onSave({ itemId, verdict: proposal.verdict, dose: proposal.dose })} />
          <Button look="main" label="Use this" onPress={() => onSave({ itemId, verdict, dose })} />
        </>
      }
    >
      <Choices label="Verdict" options={OPTIONS} value={verdict} onChange={choose} />
      {verdict === 'leave-out' ? (
        <Txt tone="quiet">It stays off the next sheet, where you can bring it back.</Txt>
      ) : (
        <DoseEditor dose={dose} variation={variation} loads={loadsForVariation(kit, variation)} onChange={setDose} />
      )}
    </Modal>
  );
};
