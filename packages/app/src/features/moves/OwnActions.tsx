import { useRouter } from 'expo-router';
import { findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { useCatalogue } from '../../data/use-catalogue';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';

export const movementAggregate = (id: string): string => `movement:${id}`;

/** Making a movement of one's own from this one; changing, retiring and bringing back one that is. */
export const OwnActions = ({ variation }: { variation: Variation }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const catalogue = useCatalogue();
  const own = variation.custom;
  const setRetired = (retired: boolean) =>
    writer.log({
      endpointId: 'setMovementRetired',
      params: { movementId: variation.id },
      body: { retired },
      aggregate: movementAggregate(variation.id),
    });
  const retire = async () => {
    await setRetired(true);
    snack({ text: `${variation.name} is retired. Its history stays.`, undo: () => void setRetired(false) });
  };
  const restore = async () => {
    await setRetired(false);
    snack({ text: `${variation.name} is back.` });
  };
  if (!own) {
    return (
      <Button
        icon="plus"
        label="Make your own from this"
        says={`Make your own movement from ${variation.name}`}
        onPress={() => router.push(`/moves/own/new?from=${variation.id}`)}
      />
    );
  }
  return (
    <Card>
      <Heading>Your own movement</Heading>
      <Txt kind="small" tone="quiet">
        Based on {findVariation(catalogue, own.basedOn)?.name ?? own.basedOn}, revision {own.revision}.
        {own.retired ? ' Retired: it is offered nowhere, its history stays.' : ''}
      </Txt>
      <Wrap gap="s">
        <Button label="Edit" onPress={() => router.push(`/moves/own/${variation.id}`)} />
        <Button
          label={own.retired ? 'Bring back' : 'Retire'}
          disabled={!writer.isReady}
          onPress={() => void (own.retired ? restore() : retire())}
        />
      </Wrap>
    </Card>
  );
};
