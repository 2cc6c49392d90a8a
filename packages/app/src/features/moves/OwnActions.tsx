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
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.ownActions;

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
    snack({ text: words.isRetiredItsHistory(variation.name), undo: () => void setRetired(false) });
  };
  const restore = async () => {
    await setRetired(false);
    snack({ text: words.isBack(variation.name) });
  };
  if (!own) {
    return (
      <Button
        icon="plus"
        label={words.makeYourOwnFrom}
        says={words.makeYourOwnMovement(variation.name)}
        onPress={() => router.push(`/moves/own/new?from=${variation.id}`)}
      />
    );
  }
  return (
    <Card>
      <Heading>{words.yourOwnMovement}</Heading>
      <Txt kind="small" tone="quiet">
        {words.basedOnRevision(findVariation(catalogue, own.basedOn)?.name ?? own.basedOn, own.revision, own.retired)}
      </Txt>
      <Wrap gap="s">
        <Button label={words.edit} onPress={() => router.push(`/moves/own/${variation.id}`)} />
        <Button
          label={own.retired ? words.bringBack : words.retire}
          disabled={!writer.isReady}
          onPress={() => void (own.retired ? restore() : retire())}
        />
      </Wrap>
    </Card>
  );
};
