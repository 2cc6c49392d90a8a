import { useState } from 'react';
import { View } from 'react-native';
import { FAMILIES } from '@drubo/core/vocabulary';
import { builtInCatalogue, byFamily } from '@drubo/core/catalogue';
import { SPACE } from '../../theme/tokens';
import { Screen } from '../shell/Screen';
import { useWide } from '../shell/use-wide';
import { MoveCard } from './MoveCard';

/** The movements of each family. One at a time is open and moves. */
export const MovesScreen = () => {
  const { isWide } = useWide();
  const [openId, setOpenId] = useState<string | null>(null);
  const moves = FAMILIES.flatMap((family) => byFamily(builtInCatalogue, family));
  return (
    <Screen title="Moves" beside="Squat, lunge, hinge and bridge">
      <View
        style={isWide ? { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m, alignItems: 'flex-start' } : { gap: SPACE.m }}
      >
        {moves.map((variation) => (
          <View key={variation.id} style={isWide ? { width: '49%' } : undefined}>
            <MoveCard
              variation={variation}
              isOpen={openId === variation.id}
              onToggle={() => setOpenId(openId === variation.id ? null : variation.id)}
            />
          </View>
        ))}
      </View>
    </Screen>
  );
};
