import { Link, usePathname } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from '../ui/icons/Icon';
import { Txt } from '../ui/Txt';
import { isInPlace, PLACES } from './places';
import { QueueMark } from './QueueMark';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.placeBar;

/** The places: a bar at the bottom of a phone, a rail at the left of a wide screen. */
export const PlaceBar = ({ rail }: { rail: boolean }) => {
  const palette = usePalette();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label={words.places}
      style={[rail ? styles.rail : styles.bar, { backgroundColor: palette.card, borderColor: palette.hairline }]}
    >
      {rail && (
        <Txt kind="heading" tone="moss" style={styles.name}>
          {words.drubo}
        </Txt>
      )}
      {PLACES.map(({ href, label, icon }) => {
        const isHere = isInPlace(path, href);
        return (
          <Link key={href} href={href} asChild>
            <Pressable
              role="link"
              {...({ 'aria-current': isHere ? 'page' : undefined } as object)}
              style={StyleSheet.flatten([
                styles.place,
                rail ? styles.inRail : styles.inBar,
                isHere && { borderColor: palette.moss, backgroundColor: palette.mossTint },
              ])}
            >
              <Icon name={icon} color={isHere ? palette.moss : palette.quiet} />
              <Txt kind="label" tone={isHere ? 'moss' : 'quiet'}>
                {label}
              </Txt>
            </Pressable>
          </Link>
        );
      })}
      {rail && <QueueMark />}
    </View>
  );
};

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: 1 },
  rail: { width: 112, borderRightWidth: 1, paddingTop: SPACE.l, gap: SPACE.s, alignItems: 'stretch' },
  name: { textAlign: 'center', marginBottom: SPACE.m },
  place: { alignItems: 'center', justifyContent: 'center', gap: 2, borderColor: 'transparent' },
  inBar: { flexGrow: 1, flexBasis: 0, minHeight: 60, borderTopWidth: 3 },
  inRail: { minHeight: TARGET.live + SPACE.s, borderLeftWidth: 3 },
});
