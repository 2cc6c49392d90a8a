import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { CheckIn } from '@drubo/core/session';
import { Field } from '../../ui/Field';
import { Wrap } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.pressureFields;

/** Blood pressure where it is measured: two numbers or none. */
export const PressureFields = ({
  value,
  onChange,
}: {
  value: CheckIn['pressure'];
  onChange(pressure: CheckIn['pressure'], isWrong: boolean): void;
}) => {
  const [upper, setUpper] = useState(value ? String(value.systolic) : '');
  const [lower, setLower] = useState(value ? String(value.diastolic) : '');
  const tell = (first: string, second: string) => {
    const [systolic, diastolic] = [readNumber(first), readNumber(second)];
    if (systolic === null && diastolic === null) return onChange(null, false);
    const isRight =
      typeof systolic === 'number' &&
      typeof diastolic === 'number' &&
      [systolic, diastolic].every(Number.isInteger) &&
      systolic >= 60 &&
      systolic <= 280 &&
      diastolic >= 30 &&
      diastolic < systolic;
    onChange(isRight ? { systolic, diastolic } : null, !isRight);
  };
  return (
    <Wrap gap="s">
      <View style={styles.grow}>
        <Field
          label={words.upperPressure}
          unit="mmHg"
          inputMode="numeric"
          value={upper}
          onChangeText={(text) => {
            setUpper(text);
            tell(text, lower);
          }}
        />
      </View>
      <View style={styles.grow}>
        <Field
          label={words.lowerPressure}
          unit="mmHg"
          inputMode="numeric"
          value={lower}
          onChangeText={(text) => {
            setLower(text);
            tell(upper, text);
          }}
        />
      </View>
    </Wrap>
  );
};

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexBasis: 220 } });
