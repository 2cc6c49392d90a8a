import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { getFault, remediesFor } from '@drubo/core/knowledge';
import type { FaultCue } from '@drubo/core/knowledge';
import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Variation } from '@drubo/core/catalogue';
import { CUE_KIND_LABELS, FAULT_LABELS } from '@drubo/words/explain';
import { formatRemedy } from '@drubo/words/movement-words';
import type { FaultId } from '@drubo/core/vocabulary';
import { SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ToMove } from './Neighbours';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.faultList;

const said = (cues: readonly FaultCue[]): string =>
  cues.map(({ kind, text }) => `“${text}” (${CUE_KIND_LABELS[kind]})`).join(', ');

/** The faults to watch for. Tap one: what it usually means, and what to do in order. */
export const FaultList = ({ variation, catalogue }: { variation: Variation; catalogue: Catalogue }) => {
  const [open, setOpen] = useState<FaultId | null>(null);
  return (
    <Card>
      <Heading>{words.watchFor}</Heading>
      <View role="list" aria-label={words.faults}>
        {variation.faults.map((id) => (
          <View key={id} role="listitem">
            <FaultLine
              variation={variation}
              catalogue={catalogue}
              id={id}
              isOpen={open === id}
              onToggle={() => setOpen(open === id ? null : id)}
            />
          </View>
        ))}
      </View>
    </Card>
  );
};

const FaultLine = ({
  variation,
  catalogue,
  id,
  isOpen,
  onToggle,
}: {
  variation: Variation;
  catalogue: Catalogue;
  id: FaultId;
  isOpen: boolean;
  onToggle(): void;
}) => {
  const palette = usePalette();
  const fault = getFault(id);
  const nameOf = (variationId: string) => getVariation(catalogue, variationId).name;
  return (
    <View>
      <Pressable role="button" aria-expanded={isOpen} aria-label={FAULT_LABELS[id]} onPress={onToggle} style={styles.line}>
        <Txt style={styles.grow}>{FAULT_LABELS[id]}</Txt>
        <Icon name={isOpen ? 'up' : 'down'} size={18} color={palette.quiet} />
      </Pressable>
      {isOpen && (
        <Stack gap="s" style={[styles.open, { borderColor: palette.edge }]}>
          <Txt>{fault.means}</Txt>
          <Txt>
            {words.say(said(fault.cues.slice(0, 1)))}
            {words.then(said(fault.cues.slice(1)))}
          </Txt>
          <Txt>
            {words.stillThere(
              remediesFor(variation, id)
                .map((remedy) => formatRemedy(remedy, nameOf))
                .join(' · '),
            )}
          </Txt>
          {fault.drill && fault.drill !== variation.id && (
            <ToMove href={`/moves/${fault.drill}`} name={words.drill(nameOf(fault.drill))} />
          )}
          {fault.dangerousUnderLoad && <Txt tone="clay">{words.underLoadThisEnds}</Txt>}
        </Stack>
      )}
    </View>
  );
};

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', minHeight: TARGET.usual },
  grow: { flexGrow: 1, flexShrink: 1 },
  open: { borderLeftWidth: 3, paddingLeft: SPACE.m, paddingBottom: SPACE.s },
});
