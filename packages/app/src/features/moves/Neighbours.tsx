import { Link } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { getVariation } from '@drubo/core/catalogue';
import { neighbours, oneNotch, rungsOf } from '@drubo/core/knowledge';
import type { Catalogue, Rung, Variation } from '@drubo/core/catalogue';
import { formatGate, formatNotch } from '@drubo/words/movement-words';
import { isPerSide } from '@drubo/core/vocabulary';
import type { LeverValues } from '@drubo/core/vocabulary';
import { SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { TitledList } from '../../ui/TitledList';
import { Heading, Txt } from '../../ui/Txt';
import { settingOf } from '../../parts/moves/setting-of';
import { movesWords } from '@drubo/words/screens/moves';

const said = movesWords.neighbours;

/** Where a movement stands on its ladder: what comes before, what earns the next, what comes after. */
export const OnTheLadder = ({
  variation,
  rungId,
  catalogue,
}: {
  variation: Variation;
  rungId: string | undefined;
  catalogue: Catalogue;
}) => {
  const places = rungsOf(variation.id);
  const place = places.find(({ rung }) => rung.id === rungId) ?? places[0];
  if (!place) return null;
  const { ladder, rung } = place;
  const { before, after } = neighbours(ladder, rung.id);
  const main = ladder.rungs.filter(({ aside }) => !aside);
  const most = Math.max(...main.map(({ stage }) => stage));
  return (
    <Card>
      <Heading>{rung.aside ? said.besideTheLadder(ladder.name) : said.stageOf(ladder.name, rung.stage, most)}</Heading>
      <Rungs title={said.before} rungs={before} catalogue={catalogue} none={said.nothingPeopleMayBegin} />
      {rung.gate && (
        <View>
          <Heading level={3} kind="label">
            {said.whatEarnsTheNext}
          </Heading>
          <Txt>{capital(formatGate(rung.gate, isPerSide(variation.stance)))}.</Txt>
        </View>
      )}
      <Rungs
        title={said.after}
        rungs={after}
        catalogue={catalogue}
        none={rung.aside ? said.nothingItStandsBeside : said.nothingItMayStay}
      />
    </Card>
  );
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const Rungs = ({
  title,
  rungs,
  catalogue,
  none,
}: {
  title: string;
  rungs: readonly Rung[];
  catalogue: Catalogue;
  none: string;
}) => (
  <TitledList small title={title} none={none}>
    {rungs.map((rung) => {
      const { name } = getVariation(catalogue, rung.variationId);
      const setting = settingOf(catalogue, rung);
      return (
        <ToMove
          key={rung.id}
          href={`/moves/${rung.variationId}?rung=${rung.id}`}
          name={[name, setting].filter(Boolean).join(', ')}
          note={rung.aside ? said.besideTheLadderInSentence : undefined}
        />
      );
    })}
  </TitledList>
);

/** A line that leads to a movement. */
export const ToMove = ({ href, name, note }: { href: string; name: string; note?: string | undefined }) => {
  const palette = usePalette();
  return (
    <Link href={href as '/'} asChild>
      <Pressable role="link" aria-label={name} style={styles.link}>
        <View style={styles.words}>
          <Txt>{name}</Txt>
          {note ? (
            <Txt kind="small" tone="quiet">
              {note}
            </Txt>
          ) : null}
        </View>
        <Icon name="forward" size={18} color={palette.quiet} />
      </Pressable>
    </Link>
  );
};

/** One change that makes it easier, or harder. */
export const OneNotch = ({
  variation,
  values,
  catalogue,
}: {
  variation: Variation;
  values: LeverValues;
  catalogue: Catalogue;
}) => {
  const nameOf = (id: string) => getVariation(catalogue, id).name;
  return (
    <Card>
      <Heading>{said.oneChange}</Heading>
      {(['easier', 'harder'] as const).map((way) => {
        const notches = oneNotch(catalogue, variation, values, way);
        return (
          <TitledList
            key={way}
            small
            title={way === 'easier' ? said.easier : said.harder}
            says={said.oneNotch(way)}
            none={way === 'easier' ? said.itIsAsEasy : said.itIsAsHard}
          >
            {notches.map((notch) =>
              notch.kind === 'lever' ? (
                <Txt key={formatNotch(notch, nameOf)}>{formatNotch(notch, nameOf)}</Txt>
              ) : (
                <ToMove
                  key={formatNotch(notch, nameOf)}
                  href={`/moves/${notch.variationId}${notch.kind === 'rung' ? `?rung=${notch.rungId}` : ''}`}
                  name={formatNotch(notch, nameOf)}
                />
              ),
            )}
          </TitledList>
        );
      })}
    </Card>
  );
};

const styles = StyleSheet.create({
  link: { flexDirection: 'row', alignItems: 'center', minHeight: TARGET.usual, gap: SPACE.s },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
