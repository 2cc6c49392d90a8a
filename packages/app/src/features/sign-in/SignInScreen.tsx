import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { useEnter } from '../../data/use-auth';
import { Figure } from '../../figures/Figure';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { FirstRunForm } from './FirstRunForm';
import { JoinForm } from './JoinForm';
import { SignInForm } from './SignInForm';
import { signInWords } from '@drubo/words/screens/sign-in';

const words = signInWords.signInScreen;

/** The way in: a first trainer on a fresh server, a name and password on any other, one button on a demo. */
export const SignInScreen = ({ firstRun, demo }: { firstRun: boolean; demo: boolean }) => {
  const palette = usePalette();
  const [isJoining, setJoining] = useState(false);
  const openDemo = useEnter('openDemo');
  return (
    <ScrollView role="main" contentContainerStyle={styles.page}>
      <Stack gap="l" style={styles.column}>
        <View>
          <Svg viewBox="0 0 260 150" width={260} height={150} aria-hidden>
            <Path
              d="M6 144h64v-26h64V92h64V66h56"
              stroke={palette.moss}
              strokeWidth={5}
              fill="none"
              strokeLinejoin="round"
              strokeLinecap="round"
            />
          </Svg>
          <View style={styles.climber} aria-hidden>
            <Figure variation={getVariation(builtInCatalogue, 'goblet-squat')} depth={0} width={64} height={90} bare />
          </View>
        </View>
        <Heading level={1} kind="title" style={styles.name}>
          {words.drubo}
        </Heading>
        <Txt tone="quiet">{words.lowerBodySessionsPlanned}</Txt>
        {demo && (
          <Card edge="moss">
            <Txt>{words.thisServerShowsAn}</Txt>
            <Button look="main" label={words.openTheDemoStudio} busy={openDemo.isPending} onPress={() => openDemo.mutate({})} />
            {openDemo.error ? (
              <Txt tone="clay" role="alert">
                {openDemo.error.message}
              </Txt>
            ) : null}
          </Card>
        )}
        {firstRun ? <FirstRunForm /> : demo ? null : isJoining ? <JoinForm /> : <SignInForm />}
        {!firstRun && !demo && (
          <Button
            look="quiet"
            label={isJoining ? words.iHaveAPassword : words.iHaveACode}
            onPress={() => setJoining(!isJoining)}
          />
        )}
      </Stack>
    </ScrollView>
  );
};

const styles = StyleSheet.create({
  page: { alignItems: 'center', padding: SPACE.xl, paddingTop: SPACE.xxl * 2, flexGrow: 1 },
  column: { width: '100%', maxWidth: 420 },
  climber: { position: 'absolute', left: 134, top: -2 },
  name: { fontSize: 40, lineHeight: 46 },
});
