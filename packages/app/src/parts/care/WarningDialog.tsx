import { useState } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import type { CareDto } from '@drubo/contracts';
import { answerTo, WARNING_LEVELS, WARNING_SIGNS } from '@drubo/core/limits';
import type { WarningLevel, WarningSign } from '@drubo/core/limits';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Field } from '../../ui/Field';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { common } from '@drubo/words/screens/common';
import { partsCareWords } from '@drubo/words/screens/parts-care';

const said = partsCareWords.warningDialog;

const LEVELS: Record<WarningLevel, string> = said.levels;

/** Whom to call and what they carry. */
export const AtHand = ({ care }: { care: Pick<CareDto, 'contact' | 'medicine'> }) =>
  care.contact || care.medicine ? (
    <Card edge="clay">
      {care.contact && (
        <Txt kind="bold">
          {care.contact.name}: {care.contact.phone}
        </Txt>
      )}
      {care.medicine ? <Txt>{said.carries(care.medicine)}</Txt> : null}
    </Card>
  ) : (
    <Txt kind="small" tone="quiet">
      {said.noEmergencyContactOn}
    </Txt>
  );

/** Warning signs to search and tap; each says one thing to do, and is kept so that hard work waits for a clearance. */
export const WarningDialog = ({
  care,
  problem,
  onSign,
  onClose,
}: {
  care: Pick<CareDto, 'contact' | 'medicine'>;
  problem: string | null;
  onSign(sign: WarningSign): void;
  onClose(): void;
}) => {
  const palette = usePalette();
  const [search, setSearch] = useState('');
  const [sign, setSign] = useState<WarningSign | null>(null);
  const words = search.trim().toLowerCase();
  const found = WARNING_SIGNS.filter((one) => one.sign.toLowerCase().includes(words));
  const answer = sign ? answerTo(sign.id) : undefined;
  if (sign && answer) {
    return (
      <Modal
        title={LEVELS[sign.level]}
        onClose={onClose}
        problem={problem}
        actions={<Button look="main" label={common.close} onPress={onClose} />}
      >
        <Txt kind="bold">{sign.sign}</Txt>
        <Txt kind="heading" tone="clay" role="alert">
          {answer.instruction}
        </Txt>
        <AtHand care={care} />
        <Txt kind="small" tone="quiet">
          {said.keptOnTheirRecord}
        </Txt>
      </Modal>
    );
  }
  return (
    <Modal title={common.warningSigns} onClose={onClose} closes={common.close}>
      <AtHand care={care} />
      <Field label={said.lookForASign} value={search} onChangeText={setSearch} />
      {WARNING_LEVELS.map((level) => {
        const signs = found.filter((one) => one.level === level);
        if (signs.length === 0) return null;
        return (
          <Stack key={level} gap="s">
            <Heading level={3}>{LEVELS[level]}</Heading>
            {signs.map((one) => (
              <Pressable
                key={one.id}
                role="button"
                aria-label={one.sign}
                onPress={() => {
                  setSign(one);
                  onSign(one);
                }}
                style={[styles.sign, { borderColor: palette.edge }]}
              >
                <Txt>{one.sign}</Txt>
              </Pressable>
            ))}
          </Stack>
        );
      })}
      {found.length === 0 && <Txt tone="quiet">{said.noSuchSignHere}</Txt>}
    </Modal>
  );
};

const styles = StyleSheet.create({
  sign: { minHeight: TARGET.live, borderWidth: 1, borderRadius: RADIUS, padding: SPACE.m, justifyContent: 'center' },
});
