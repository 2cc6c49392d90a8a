import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ActivityLineDto, WriteId } from '@drubo/contracts';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { dayIn, formatDay, formatTime } from '../../ui/days';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { WRITE_NAMES } from '../../parts/writes/in-words';

const dayOf = (at: string, timeZone: string): string => formatDay(dayIn(timeZone, new Date(at)));
const whatOf = ({ what }: ActivityLineDto): string => WRITE_NAMES[what as WriteId] ?? what;

/** Who did what, the latest first: every write of the studio's trainers. */
export const ActivityScreen = () => {
  const router = useRouter();
  const { studio } = useStudio();
  const query = useEndpoint('getActivity');
  return (
    <Screen title="Who did what" beside="The last 200" back="/studio">
      <Shown what="who did what" query={query}>
        {(lines) =>
          lines.length === 0 ? (
            <Empty title="Nothing yet" text="Whatever a trainer saves here is listed, with the time and the person." />
          ) : (
            <Stack role="list" gap="s">
              {lines.map((line, at) => (
                <Row role="listitem" key={`${line.at}-${at}`} gap="s">
                  <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 0 }}>
                    <Txt>
                      {whatOf(line)}
                      {line.personName ? ` · ${line.personName}` : ''}
                    </Txt>
                    <Txt kind="small" tone="quiet">
                      {line.trainerName} · {dayOf(line.at, studio.timeZone)}, {formatTime(line.at, studio.timeZone)}
                    </Txt>
                  </View>
                  {line.personId !== null && (
                    <Button
                      label="Look"
                      says={`Look at ${line.personName ?? 'the person'}`}
                      onPress={() => router.push(`/people/${line.personId}`)}
                    />
                  )}
                </Row>
              ))}
            </Stack>
          )
        }
      </Shown>
    </Screen>
  );
};
