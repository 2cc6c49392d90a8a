import { findVariation } from '@drubo/core/catalogue';
import { useCatalogue } from '../../data/use-catalogue';
import { useEndpoint } from '../../data/use-endpoint';
import { Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { MoveRow } from '../../parts/moves/MoveRow';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.ownScreen;

/** The studio's own movements: those in use, and the retired ones with a way back. */
export const OwnScreen = () => {
  const catalogue = useCatalogue();
  const query = useEndpoint('listMovements');
  return (
    <Screen title={words.yourOwnMovements} back="/moves">
      <Shown what={words.yourOwnMovementsInSentence} query={query}>
        {(movements) =>
          movements.length === 0 ? (
            <Empty title={words.noneYet} text={words.openTheMovementNearest} />
          ) : (
            <>
              {[false, true].map((retired) => {
                const some = movements.filter((movement) => movement.retired === retired);
                return some.length === 0 ? null : (
                  <Stack key={String(retired)} gap="s">
                    <Heading>{retired ? words.retired : words.inUse}</Heading>
                    {some.map(({ id }) => {
                      const variation = findVariation(catalogue, id);
                      return variation ? <MoveRow key={id} variation={variation} limits={null} kit={null} /> : null;
                    })}
                  </Stack>
                );
              })}
            </>
          )
        }
      </Shown>
    </Screen>
  );
};
