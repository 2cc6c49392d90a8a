import { painAdvice } from '@drubo/core/judging';
import { TARGET } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.painDialog;

const SCALE = Array.from({ length: 11 }, (_, at) => at);

/** Joint or tendon pain 0 to 10. Asked apart from muscle soreness, and never filled in by itself. */
export const PainDialog = ({
  value,
  title,
  yes,
  onChange,
  onClose,
}: {
  value: number | null;
  title: string;
  yes: { label: string; onPress(): void };
  onChange(value: number | null): void;
  onClose(): void;
}) => {
  const advice = painAdvice(value);
  return (
    <Modal
      title={title}
      onClose={onClose}
      actions={
        <>
          <Button label={words.notAsked} onPress={() => onChange(null)} />
          <Button look="main" label={yes.label} onPress={yes.onPress} />
        </>
      }
    >
      <Txt tone="quiet">{words.painInAJoint}</Txt>
      <Wrap role="radiogroup" aria-label={words.jointPain} gap="s">
        {SCALE.map((pain) => (
          <Chip
            key={pain}
            role="radio"
            height={TARGET.live}
            label={String(pain)}
            says={words.painOf10(pain)}
            tone={pain > 2 ? 'clay' : 'moss'}
            chosen={value === pain}
            onPress={() => onChange(pain)}
          />
        ))}
      </Wrap>
      {advice ? <ReasonList reasons={[advice]} /> : null}
      <Txt kind="small" tone="quiet">
        {words.sharpCatchingOrRadiating}
      </Txt>
    </Modal>
  );
};
