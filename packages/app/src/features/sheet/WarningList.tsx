import { StyleSheet } from 'react-native';
import type { Warning } from '@drubo/core/composing';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { FIX_LABELS } from './fix-labels';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.warningList;

/** What is wrong with a sheet, the worst first, each with what would put it right. */
export const WarningList = ({ warnings, onFix }: { warnings: readonly Warning[]; onFix(warning: Warning): void }) => {
  const palette = usePalette();
  const explain = useExplain();
  if (warnings.length === 0) return null;
  return (
    <Card edge={warnings.some(({ isHard }) => isHard) ? 'clay' : 'saffron'}>
      <Stack role="list" aria-label={words.warnings} gap="m">
        {warnings.map((warning, at) => {
          const [told] = explain([warning.reason]);
          return (
            <Wrap role="listitem" key={`${warning.reason.code}-${warning.itemId ?? at}`} gap="s" align="center">
              <Icon name="warning" size={20} color={warning.isHard ? palette.clay : palette.saffron} />
              <Txt style={styles.grow}>{told?.text ?? ''}</Txt>
              <Row>
                <Button
                  label={FIX_LABELS[warning.fix.kind]}
                  says={`${FIX_LABELS[warning.fix.kind]}: ${told?.text ?? ''}`}
                  onPress={() => onFix(warning)}
                />
                <WhyDot about={told?.text ?? 'warning'} reasons={[warning.reason]} />
              </Row>
            </Wrap>
          );
        })}
      </Stack>
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
});
