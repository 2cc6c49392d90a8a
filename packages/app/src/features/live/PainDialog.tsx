import { painAdvice } from '@drubo/core/judging';
import { TARGET } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';

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
          <Button label="Not asked" onPress={() => onChange(null)} />
          <Button look="main" label={yes.label} onPress={yes.onPress} />
        </>
      }
    >
      <Txt tone="quiet">Pain in a joint or tendon, not tired muscles. 0 is none, 10 the worst there is.</Txt>
      <Wrap role="radiogroup" aria-label="Joint pain" gap="s">
        {SCALE.map((pain) => (
          <Chip
            key={pain}
            role="radio"
            height={TARGET.live}
            label={String(pain)}
            says={`Pain ${pain} of 10`}
            tone={pain > 2 ? 'clay' : 'moss'}
            chosen={value === pain}
            onPress={() => onChange(pain)}
          />
        ))}
      </Wrap>
      {advice ? <ReasonList reasons={[advice]} /> : null}
      <Txt kind="small" tone="quiet">
        Sharp, catching or radiating pain, or a joint that swells, gives way or locks: stop, and have it looked at. Drubo does not
        diagnose.
      </Txt>
    </Modal>
  );
};
