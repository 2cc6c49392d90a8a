import { StyleSheet, View } from 'react-native';
import type { Warning } from '@drubo/core/composing';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { FIX_LABELS } from './fix-labels';

/** What is wrong with a sheet, the worst first, each with what would put it right. */
export const WarningList = ({ warnings, onFix }: { warnings: readonly Warning[]; onFix(warning: Warning): void }) => {
  const palette = usePalette();
  const explain = useExplain();
  if (warnings.length === 0) return null;
  return (
    <Card edge={warnings.some(({ isHard }) => isHard) ? 'clay' : 'saffron'}>
      <View role="list" aria-label="Warnings" style={styles.list}>
        {warnings.map((warning, at) => {
          const [told] = explain([warning.reason]);
          return (
            <View role="listitem" key={`${warning.reason.code}-${warning.itemId ?? at}`} style={styles.row}>
              <Icon name="warning" size={20} color={warning.isHard ? palette.clay : palette.saffron} />
              <Txt style={styles.grow}>{told?.text ?? ''}</Txt>
              <View style={styles.actions}>
                <Button
                  label={FIX_LABELS[warning.fix.kind]}
                  says={`${FIX_LABELS[warning.fix.kind]}: ${told?.text ?? ''}`}
                  onPress={() => onFix(warning)}
                />
                <WhyDot about={told?.text ?? 'warning'} reasons={[warning.reason]} />
              </View>
            </View>
          );
        })}
      </View>
    </Card>
  );
};

const styles = StyleSheet.create({
  list: { gap: SPACE.m },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, flexWrap: 'wrap' },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
  actions: { flexDirection: 'row', alignItems: 'center' },
});
