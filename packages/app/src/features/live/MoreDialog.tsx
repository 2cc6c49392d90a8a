import { View } from 'react-native';
import type { CareDto } from '@drubo/contracts';
import { CAUTION_LABELS, formatNumber, ENDING_LABELS } from '@drubo/core/explain';
import { schoolCues } from '@drubo/core';
import type { Schools, SetEnding } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { AtHand } from '../care/WarningDialog';
import type { Exercise } from './progress';

/** Endings a trainer picks by hand; pain has a button of its own. */
const ENDINGS: readonly SetEnding[] = ['planned', 'choice', 'form', 'grip', 'failure', 'interrupted'];
const OPTIONS = ENDINGS.map((value) => ({ value, label: ENDING_LABELS[value] }));

/** What is needed now and then: why the set ended, cues and cautions, and giving the session up. */
export const MoreDialog = ({
  exercise,
  schools,
  ending,
  onEnding,
  care,
  onSigns,
  onDiscard,
  onClose,
}: {
  exercise: Exercise;
  schools: Schools;
  ending: SetEnding;
  onEnding(ending: SetEnding): void;
  care: CareDto;
  onSigns(): void;
  onDiscard(): void;
  onClose(): void;
}) => (
  <Modal title={exercise.variation.name} onClose={onClose} actions={<Button look="main" label="Done" onPress={onClose} />}>
    <Button look="danger" label="Warning signs" onPress={onSigns} />
    <AtHand care={care} />
    {care.cautions.map((caution) => (
      <Txt key={caution} tone="saffron">
        {CAUTION_LABELS[caution]}
      </Txt>
    ))}
    <Choices label="This set ended" options={OPTIONS} value={ending} onChange={onEnding} />
    <View style={{ gap: SPACE.xs }}>
      <Heading level={3}>Cues</Heading>
      {schoolCues(exercise.variation, schools).map((cue) => (
        <Txt key={cue}>{cue}</Txt>
      ))}
    </View>
    <View style={{ gap: SPACE.xs }}>
      <Heading level={3}>Cautions</Heading>
      {exercise.variation.cautions.map((caution) => (
        <Txt key={caution}>{caution}</Txt>
      ))}
    </View>
    <View style={{ gap: SPACE.xs }}>
      <Heading level={3}>This session</Heading>
      <Txt kind="small" tone="quiet">
        Planned with {formatNumber(exercise.item.dose.sets, 0)} sets of this exercise. Discarding asks first.
      </Txt>
      <Button look="danger" label="Discard the session" onPress={onDiscard} />
    </View>
  </Modal>
);
