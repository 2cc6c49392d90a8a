import { useState } from 'react';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { explain } from '@drubo/words/explain';
import type { Explanation } from '@drubo/words/explain';
import type { Reason } from '@drubo/core/vocabulary';
import { useStudio } from '../data/StudioContext';
import { RADIUS, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Button } from './Button';
import { Icon } from './icons/Icon';
import { Stack } from './layout';
import { Modal } from './Modal';
import { Txt } from './Txt';
import { common } from '@drubo/words/screens/common';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.why;

/** Reasons in the trainer's words and unit. */
export const useExplain = (): ((reasons: readonly Reason[]) => Explanation[]) => {
  const { unit } = useStudio();
  const nameOf = (id: string) => findVariation(builtInCatalogue, id)?.name ?? id;
  return (reasons) => reasons.map((reason) => explain(reason, { unit, nameOf }));
};

/** Reasons one under the other, each with where it comes from. */
export const ReasonList = ({ reasons }: { reasons: readonly Reason[] }) => (
  <Stack gap="l">
    {useExplain()(reasons).map(({ code, text, source }, at) => (
      <Stack key={`${code}-${at}`} gap="xs">
        <Txt>{text}</Txt>
        <Txt kind="small" tone="quiet">
          {words.source(source)}
        </Txt>
      </Stack>
    ))}
  </Stack>
);

/** The question mark beside a number: opens the rule, its inputs and its source. */
export const WhyDot = ({
  about,
  reasons,
  label,
  more,
}: {
  about: string;
  reasons: readonly Reason[];
  label?: string;
  /** What stands behind the reasons: the very sets, a trace. */
  more?: (() => ReactNode) | undefined;
}) => {
  const palette = usePalette();
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label={words.why(about)}
        onPress={() => setOpen(true)}
        style={({ pressed }) => [styles.hit, { opacity: pressed ? 0.6 : 1 }]}
      >
        {label ? (
          <Txt kind="label" tone="moss" style={styles.link}>
            {label}
          </Txt>
        ) : (
          <View style={[styles.dot, { borderColor: palette.edge }]}>
            <Icon name="why" size={18} color={palette.quiet} />
          </View>
        )}
      </Pressable>
      {isOpen && (
        <Modal
          title={words.why(about)}
          onClose={() => setOpen(false)}
          actions={<Button label={common.close} onPress={() => setOpen(false)} />}
        >
          <ReasonList reasons={reasons} />
          {more?.()}
        </Modal>
      )}
    </>
  );
};

const styles = StyleSheet.create({
  hit: { minWidth: TARGET.usual, minHeight: TARGET.usual, alignItems: 'center', justifyContent: 'center' },
  dot: { width: 30, height: 30, borderRadius: RADIUS * 1.5, borderWidth: 1, alignItems: 'center', justifyContent: 'center' },
  link: { textDecorationLine: 'underline' },
});
