import { useState } from 'react';
import { toKg } from '@drubo/core';
import { OFF_KIT } from '@drubo/core/kit';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Stack } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { useStudio } from '../../data/StudioContext';
import type { Live } from './use-live';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.offKitLoad;

const MOST_KG = 500;

/** A load the kit here does not make, as it is labelled: taken, and marked as off the kit. */
export const OffKitLoad = ({ live, onKept }: { live: Pick<Live, 'change' | 'pad'>; onKept(): void }) => {
  const { unit } = useStudio();
  const [text, setText] = useState('');
  const value = readNumber(text);
  const kg = typeof value === 'number' ? toKg(value, unit) : null;
  const isBad = value === undefined || (kg !== null && (kg <= 0 || kg > MOST_KG));
  const type = live.pad?.load.implements[0]?.type ?? 'dumbbell';
  return (
    <Stack gap="xs">
      <Field
        label={words.aLoadThatIs}
        unit={unit}
        inputMode="decimal"
        value={text}
        onChangeText={setText}
        error={isBad ? words.mustBeANumber(unit === 'kg' ? 500 : 1100, unit) : undefined}
      />
      {!isBad && typeof value === 'number' && kg !== null && (
        <Button
          label={words.use(value, unit)}
          onPress={() => {
            const position = live.pad?.load.position ?? 'sides';
            live.change({
              load: { position, implements: [{ pieceId: OFF_KIT, type, value, unit, count: 1 }], externalKg: kg },
            });
            onKept();
          }}
        />
      )}
    </Stack>
  );
};
