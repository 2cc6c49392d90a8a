import { findVariation } from '@drubo/core/catalogue';
import { useCatalogue } from '../../data/use-catalogue';
import { useEndpoint } from '../../data/use-endpoint';
import { Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { MoveRow } from '../../parts/moves/MoveRow';

/** The studio's own movements: those in use, and the retired ones with a way back. */
export const OwnScreen = () => {
  const catalogue = useCatalogue();
  const query = useEndpoint('listMovements');
  return (
    <Screen title="Your own movements" back="/moves">
      <Shown what="your own movements" query={query}>
        {(movements) =>
          movements.length === 0 ? (
            <Empty title="None yet" text="Open the movement nearest to yours and choose “Make your own from this”." />
          ) : (
            <>
              {[false, true].map((retired) => {
                const some = movements.filter((movement) => movement.retired === retired);
                return some.length === 0 ? null : (
                  <Stack key={String(retired)} gap="s">
                    <Heading>{retired ? 'Retired' : 'In use'}</Heading>
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
