import type { PersonDetailDto } from '@drubo/contracts';
import type { KitId } from '@drubo/core/vocabulary';
import type { WeekdayPlace } from '@drubo/core/weeks';
import { formatWeekday } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useState } from 'react';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { Stack, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

const words = weeksWords.places;

/** Days of the week that are always elsewhere; only asked where there is a second place to train at. */
export const WeekdayPlaces = ({
  detail,
  weekdays,
  values,
  onChange,
}: {
  detail: PersonDetailDto;
  weekdays: readonly number[];
  values: readonly WeekdayPlace[];
  onChange(values: WeekdayPlace[]): void;
}) => {
  const [isOpen, setOpen] = useState(values.length > 0);
  const usual = detail.nextSheet.kitId === null ? detail.nextSheet.kit.id : null;
  const others = detail.kits.filter(({ id }) => id !== usual || values.some(({ kitId }) => kitId === id));
  if (detail.kits.length < 2) return null;
  const put = (weekday: number, kitId: KitId | 'usual'): void => {
    const rest = values.filter((place) => place.weekday !== weekday);
    onChange(kitId === 'usual' ? rest : [...rest, { weekday, kitId }].sort((a, b) => a.weekday - b.weekday));
  };
  return (
    <Stack gap="s">
      <Wrap gap="s">
        <Chip
          label={words.some}
          chosen={isOpen}
          onPress={() => {
            if (isOpen) onChange([]);
            setOpen(!isOpen);
          }}
        />
      </Wrap>
      {isOpen &&
        weekdays.map((weekday) => (
          <Choices<KitId | 'usual'>
            key={weekday}
            label={words.on(formatWeekday(weekday))}
            options={[
              { value: 'usual' as const, label: words.usual },
              ...others.map(({ id, name }) => ({ value: id as KitId | 'usual', label: name })),
            ]}
            value={values.find((place) => place.weekday === weekday)?.kitId ?? 'usual'}
            onChange={(kitId) => put(weekday, kitId)}
          />
        ))}
      {isOpen && (
        <Txt kind="small" tone="quiet">
          {words.help}
        </Txt>
      )}
    </Stack>
  );
};
