import type { SheetContentDto } from '@drubo/contracts';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import type { Adapted } from './adapt';
import { ChangeList, MOVEMENTS } from './ChangeList';

/** An arrangement from elsewhere, fitted to this person: what would change, to be taken or not. */
export const OfferDialog = ({
  title,
  before,
  offer,
  onTake,
  onClose,
}: {
  title: string;
  before: SheetContentDto;
  offer: Adapted;
  onTake(next: SheetContentDto): void;
  onClose(): void;
}) => (
  <Modal
    title={title}
    onClose={onClose}
    actions={
      <>
        <Button label="Keep as it is" onPress={onClose} />
        <Button look="main" label="Take it" disabled={offer.content.items.length === 0} onPress={() => onTake(offer.content)} />
      </>
    }
  >
    <Txt kind="small" tone="quiet">
      Exercises, sets, reps, tempo and rests as they were; loads and settings are this person’s own.
    </Txt>
    <ChangeList before={before} after={offer.content} />
    {offer.left.length > 0 && <Heading level={3}>Not open for this person here</Heading>}
    {offer.left.map(({ variationId, reasons }) => (
      <Txt key={variationId} kind="bold">
        {MOVEMENTS.nameOf(variationId)}
        {reasons.length > 0 ? ':' : ''}
      </Txt>
    ))}
    <ReasonList reasons={offer.left.flatMap(({ reasons }) => reasons)} />
  </Modal>
);
