import { useState } from 'react';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.placeDialog;

/** Placing somebody by hand: asked why, because somebody will ask three weeks later. */
export const PlaceDialog = ({
  ladder,
  rung,
  name,
  problem,
  isBusy,
  onPlace,
  onClose,
}: {
  ladder: Ladder;
  rung: Rung;
  name: string;
  problem: string | null;
  isBusy: boolean;
  onPlace(why: string): void;
  onClose(): void;
}) => {
  const [why, setWhy] = useState('');
  return (
    <Modal
      title={words.placeOn(findVariation(builtInCatalogue, rung.variationId)?.name ?? rung.variationId)}
      onClose={onClose}
      problem={problem}
      closes={common.cancel}
      actions={
        <Button look="main" label={words.placeHere} busy={isBusy} disabled={why.trim() === ''} onPress={() => onPlace(why)} />
      }
    >
      <Txt>{words.standsOnStageOf(name, rung.stage, ladder.name)}</Txt>
      <Field label={words.why} value={why} onChangeText={setWhy} help={words.keptAndShownWith} />
    </Modal>
  );
};
