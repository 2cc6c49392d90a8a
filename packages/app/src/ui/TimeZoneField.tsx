import { formatClock } from '@drubo/words/dates';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Button } from './Button';
import { Chip } from './Chip';
import { Row, Stack } from './layout';
import { Modal } from './Modal';
import { SearchField } from './SearchField';
import { findTimeZones, timeZones } from './time-zones';
import { Txt } from './Txt';
import { common } from '@drubo/words/screens/common';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.timeZoneField;

/** Names shown at once; the rest by typing more. */
const SHOWN = 20;

const spoken = (zone: string): string => zone.replace(/_/g, ' ');

/** The zone a studio keeps time in: shown with its clock, chosen from those there are. */
export const TimeZoneField = ({ value, onChange }: { value: string; onChange(zone: string): void }) => {
  const palette = usePalette();
  const [isOpen, setOpen] = useState(false);
  return (
    <Row role="group" aria-label={words.timeZone(spoken(value))} gap="s" style={[styles.box, { borderColor: palette.edge }]}>
      <View style={styles.text}>
        <Txt kind="small" tone="quiet">
          {words.timeZoneAtStart}
        </Txt>
        <Txt>{spoken(value)}</Txt>
        <Txt kind="small" tone="quiet">
          {words.nowBookingsAreIn(formatClock(value, new Date()))}
        </Txt>
      </View>
      <Button label={common.change} says={words.changeTheTimeZone} onPress={() => setOpen(true)} />
      {isOpen && (
        <ZoneDialog
          value={value}
          onChoose={(zone) => {
            onChange(zone);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </Row>
  );
};

const ZoneDialog = ({ value, onChoose, onClose }: { value: string; onChoose(zone: string): void; onClose(): void }) => {
  const [typed, setTyped] = useState('');
  const found = findTimeZones(timeZones(value), typed);
  const now = new Date();
  return (
    <Modal title={words.timeZoneAtStart} onClose={onClose} closes={words.keepIt}>
      <SearchField autoFocus label={words.searchTimeZones} placeholder={words.cityOrRegion} value={typed} onChange={setTyped} />
      {found.length === 0 && <Txt tone="quiet">{words.noneByThatName}</Txt>}
      <Stack role="radiogroup" aria-label={words.timeZones} gap="xs">
        {found.slice(0, SHOWN).map((zone) => (
          <Chip
            key={zone}
            role="radio"
            height={TARGET.usual}
            label={`${spoken(zone)} · ${formatClock(zone, now)}`}
            says={spoken(zone)}
            chosen={zone === value}
            onPress={() => onChoose(zone)}
          />
        ))}
      </Stack>
      {found.length > SHOWN && (
        <Txt kind="small" tone="quiet">
          {words.moreTypeACity(found.length - SHOWN)}
        </Txt>
      )}
    </Modal>
  );
};

const styles = StyleSheet.create({
  box: { borderWidth: 1, borderRadius: RADIUS, paddingHorizontal: SPACE.m, paddingVertical: SPACE.s },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
