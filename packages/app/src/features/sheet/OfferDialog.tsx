import type { Adapted, DraftSheet } from '@drubo/core/sheet-editing';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { ChangeList, changeLines, MOVEMENTS } from '../../parts/sheet/ChangeList';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.offerDialog;

/** An arrangement from elsewhere, fitted to this person: what would change, to be taken or not. */
export const OfferDialog = ({
  title,
  before,
  offer,
  onTake,
  onClose,
}: {
  title: string;
  before: DraftSheet;
  offer: Adapted;
  onTake(next: DraftSheet): void;
  onClose(): void;
}) => {
  const lines = changeLines(before, offer.content);
  return (
    <Modal
      title={title}
      onClose={onClose}
      closes={words.keepAsItIs}
      actions={
        <Button
          look="main"
          label={words.takeIt}
          disabled={offer.content.items.length === 0 || lines.length === 0}
          onPress={() => onTake(offer.content)}
        />
      }
    >
      <Txt kind="small" tone="quiet">
        {words.exercisesSetsRepsTempo}
      </Txt>
      <ChangeList lines={lines} />
      {offer.left.length > 0 && <Heading level={3}>{words.notOpenForThis}</Heading>}
      {offer.left.map(({ variationId, reasons }) => (
        <Txt key={variationId} kind="bold">
          {MOVEMENTS.nameOf(variationId)}
          {reasons.length > 0 ? ':' : ''}
        </Txt>
      ))}
      <ReasonList reasons={offer.left.flatMap(({ reasons }) => reasons)} />
    </Modal>
  );
};
