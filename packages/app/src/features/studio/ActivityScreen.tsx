import { formatDay, formatTime } from '@drubo/words/dates';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ActivityLineDto, WriteId } from '@drubo/contracts';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { dayIn } from '../../ui/days';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { WRITE_NAMES } from '../../parts/writes/in-words';
import { common } from '@drubo/words/screens/common';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.activityScreen;

const dayOf = (at: string, timeZone: string): string => formatDay(dayIn(timeZone, new Date(at)));
const whatOf = ({ what }: ActivityLineDto): string => WRITE_NAMES[what as WriteId] ?? what;

/** Who did what, the latest first: every write of the studio's trainers. */
export const ActivityScreen = () => {
  const router = useRouter();
  const { studio } = useStudio();
  const query = useEndpoint('getActivity');
  return (
    <Screen title={words.whoDidWhat} beside={words.theLast200} back="/studio">
      <Shown what={words.whoDidWhatInSentence} query={query}>
        {(lines) =>
          lines.length === 0 ? (
            <Empty title={words.nothingYet} text={words.whateverATrainerSaves} />
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
                      label={common.look}
                      says={words.lookAt(line.personName ?? words.thePerson)}
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
