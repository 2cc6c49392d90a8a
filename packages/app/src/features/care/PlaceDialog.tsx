import { useState } from 'react';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';

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
      title={`Place on ${findVariation(builtInCatalogue, rung.variationId)?.name ?? rung.variationId}`}
      onClose={onClose}
      problem={problem}
      closes="Cancel"
      actions={<Button look="main" label="Place here" busy={isBusy} disabled={why.trim() === ''} onPress={() => onPlace(why)} />}
    >
      <Txt>
        {name} stands on stage {rung.stage} of {ladder.name} from now on. The next sheet starts it with a first dose.
      </Txt>
      <Field label="Why" value={why} onChangeText={setWhy} help="Kept and shown with the move." />
    </Modal>
  );
};
