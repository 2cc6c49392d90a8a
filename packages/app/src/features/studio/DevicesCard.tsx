import { useMutation, useQueryClient } from '@tanstack/react-query';
import { formatWeekDayTime } from '@drubo/words/dates';
import { studioWords } from '@drubo/words/screens/studio';
import { callEndpoint } from '../../data/api';
import { keyOf } from '../../data/keys';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';

const words = studioWords.devicesCard;

/** Where the trainer is signed in, and the way to end it from here: one that was lost, or all the others. */
export const DevicesCard = () => {
  const client = useQueryClient();
  const query = useEndpoint('listDevices');
  const end = useMutation({
    mutationFn: (ids: string[]) => callEndpoint('endDevices', { body: { ids } }),
    onSuccess: (left) => client.setQueryData(keyOf('listDevices'), left),
  });
  return (
    <Card>
      <Heading>{words.whereYouAreSignedIn}</Heading>
      <Shown what={words.theDevices} query={query}>
        {(devices) => {
          const others = devices.filter(({ isThis }) => !isThis);
          return (
            <Stack gap="s">
              {devices.map(({ id, name, lastUsedAt, isThis }) => (
                <Row key={id} gap="s">
                  <Stack style={{ flexGrow: 1, flexShrink: 1 }}>
                    <Txt>{isThis ? words.thisOne(name || words.aDevice) : name || words.aDevice}</Txt>
                    <Txt kind="small" tone="quiet">
                      {words.lastUsed(formatWeekDayTime(Date.parse(lastUsedAt)))}
                    </Txt>
                  </Stack>
                  {!isThis && (
                    <Button
                      label={words.end}
                      says={words.endOn(name || words.aDevice)}
                      busy={end.isPending}
                      onPress={() => end.mutate([id])}
                    />
                  )}
                </Row>
              ))}
              {others.length > 1 && (
                <Button
                  label={words.endAllOthers(others.length)}
                  busy={end.isPending}
                  onPress={() => end.mutate(others.map(({ id }) => id))}
                />
              )}
              <Problem text={end.error?.message} />
            </Stack>
          );
        }}
      </Shown>
    </Card>
  );
};
