import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { KitDto } from '@drubo/contracts';
import { formatNumber, KIT_LABELS } from '@drubo/words/explain';
import { formatBandPull } from '@drubo/words/movement-words';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { linesOf, PIECE_LABELS, PLACE_LABELS } from '../../parts/kit/kit-lines';
import { LoadStrips } from './LoadStrips';
import { common } from '@drubo/words/screens/common';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.kitCard;

/** What a place has, and on demand every load it makes. */
export const KitCard = ({ kit }: { kit: KitDto }) => {
  const router = useRouter();
  const [isOpen, setOpen] = useState(false);
  const gear = kit.gear.filter(({ owned }) => owned > 0);
  return (
    <Card>
      <Heading>{words.kit(kit.name)}</Heading>
      <Txt kind="small" tone="quiet">
        {PLACE_LABELS[kit.place]} · {kit.hasSafeties ? words.safetyBars : words.noSafetyBars}
        {kit.hasCollars ? words.collars : ''}
      </Txt>
      {linesOf(kit.pieces.filter(({ owned }) => owned > 0)).map(({ type, owned, unit, text }) => (
        <View key={`${type}-${owned}-${unit}`}>
          <Txt kind="label">{PIECE_LABELS[type]}</Txt>
          <Txt kind="small" tone="quiet">
            {owned === 1 ? words.oneEach : words.ofEach(owned)}: {text} {unit}
          </Txt>
        </View>
      ))}
      {gear.length > 0 && (
        <Txt kind="small" tone="quiet">
          {gear
            .map(
              ({ item, heightCm, owned, band }) =>
                `${owned > 1 ? `${owned} × ` : ''}${KIT_LABELS[item]}${heightCm === null ? '' : words.cm(formatNumber(heightCm, 0))}${band ? words.bandPull(band.strength, formatBandPull(band.points)) : ''}`,
            )
            .join(', ')}
        </Txt>
      )}
      {isOpen && <LoadStrips kit={kit} />}
      <Wrap gap="s">
        <Button label={common.change} says={words.changeTheKit(kit.name)} onPress={() => router.push(`/studio/kit/${kit.id}`)} />
        <Button label={isOpen ? words.hideTheLoads : words.loadsItMakes} onPress={() => setOpen(!isOpen)} />
      </Wrap>
    </Card>
  );
};
