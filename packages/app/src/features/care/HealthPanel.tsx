import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { View } from 'react-native';
import type { IntakeDto } from '@drubo/contracts';
import { BODY_SIDE_LABELS } from '@drubo/words/explain';
import { SIDES } from '@drubo/core/vocabulary';
import type { PersonId } from '@drubo/core/vocabulary';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { DateTimeField } from '../../ui/DateTimeField';
import { Field } from '../../ui/Field';
import { Row, Stack } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Heading, Txt } from '../../ui/Txt';
import { ReadinessForm } from './ReadinessForm';
import { WithdrawDialog } from './WithdrawDialog';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.healthPanel;

interface Props {
  personId: PersonId;
  intake: IntakeDto;
  writer: PersonWriter;
  today: string;
}

/** Consent first; then the questions before exercise, blood pressure, an operation, and what is needed in an emergency. */
export const HealthPanel = (props: Props) => {
  const { intake, writer } = props;
  return (
    <Stack gap="m">
      <Consent {...props} />
      <Emergency {...props} />
      {intake.consentOn !== null && (
        <>
          <Age {...props} />
          <ReadinessForm intake={intake} writer={writer} />
          <Pressure {...props} />
          {(intake.answers['surgery-within-two-years'] === 'yes' || intake.answers['joint-replaced'] === 'yes') && (
            <Surgery {...props} />
          )}
        </>
      )}
    </Stack>
  );
};

const Consent = ({ personId, intake, writer, today }: Props) => {
  const [isAsking, setAsking] = useState(false);
  return (
    <Card edge={intake.consentOn === null ? 'saffron' : 'moss'}>
      <Heading level={3}>{words.mayHealthNotesBe}</Heading>
      <Txt kind="small" tone="quiet">
        {words.keptInThisStudio}
      </Txt>
      {intake.consentOn === null ? (
        <Button
          look="main"
          label={words.theyAgree}
          busy={writer.isBusy}
          disabled={!writer.isReady}
          onPress={() => void writer.saveIntake({ consentOn: today })}
        />
      ) : (
        <>
          <Txt kind="small" tone="moss">
            {words.agreedOn(formatDay(intake.consentOn))}
          </Txt>
          <Button look="quiet" label={words.theyTakeItBack} disabled={!writer.isReady} onPress={() => setAsking(true)} />
        </>
      )}
      {isAsking && <WithdrawDialog personId={personId} onClose={() => setAsking(false)} />}
    </Card>
  );
};

const Age = ({ intake, writer, today }: Props) => {
  const [text, setText] = useState(intake.birthYear === null ? '' : String(intake.birthYear));
  const year = readNumber(text);
  const mayBeMinor = intake.birthYear !== null && Number(today.slice(0, 4)) - intake.birthYear <= 18;
  const save = () => {
    if (year !== undefined && year !== intake.birthYear) void writer.saveIntake({ birthYear: year });
  };
  return (
    <Card>
      <Field
        label={words.yearOfBirth}
        inputMode="numeric"
        value={text}
        onChangeText={setText}
        onBlur={save}
        error={year === undefined ? words.mustBeAYear : undefined}
      />
      {mayBeMinor && (
        <Choices
          label={words.under18OrMay}
          options={[
            { value: 'no', label: words.notYet },
            { value: 'yes', label: words.yes },
          ]}
          value={intake.guardianConsent ? 'yes' : 'no'}
          onChange={(value) => void writer.saveIntake({ guardianConsent: value === 'yes' })}
        />
      )}
    </Card>
  );
};

const Pressure = ({ intake, writer, today }: Props) => {
  const [upper, setUpper] = useState('');
  const [lower, setLower] = useState('');
  const [systolic, diastolic] = [readNumber(upper), readNumber(lower)];
  const isGiven = typeof systolic === 'number' && typeof diastolic === 'number';
  const save = async () => {
    if (!isGiven || !(await writer.saveIntake({ pressure: { systolic, diastolic, on: today } }))) return;
    setUpper('');
    setLower('');
  };
  return (
    <Card>
      <Heading level={3}>{words.bloodPressureIfIt}</Heading>
      {intake.pressure ? (
        <Txt kind="small" tone="quiet">
          {words.lastMmhgOn(intake.pressure.systolic, intake.pressure.diastolic, formatDay(intake.pressure.on))}
        </Txt>
      ) : null}
      <Row gap="s" align="stretch">
        <View style={{ flex: 1 }}>
          <Field label={words.upper} unit="mmHg" inputMode="numeric" value={upper} onChangeText={setUpper} />
        </View>
        <View style={{ flex: 1 }}>
          <Field label={words.lower} unit="mmHg" inputMode="numeric" value={lower} onChangeText={setLower} />
        </View>
      </Row>
      <Button label={words.saveTheReading} disabled={!isGiven} busy={writer.isBusy} onPress={() => void save()} />
    </Card>
  );
};

const Surgery = ({ intake, writer, today }: Props) => {
  const [surgery, setSurgery] = useState(intake.surgery ?? { procedure: '', on: today, side: 'both' as const });
  return (
    <Card edge="clay">
      <Heading level={3}>{words.theOperation}</Heading>
      <Txt kind="small" tone="quiet">
        {words.everythingStaysClosedBut}
      </Txt>
      <Field
        label={words.whatWasDone}
        value={surgery.procedure}
        onChangeText={(procedure) => setSurgery({ ...surgery, procedure })}
      />
      <DateTimeField label={words.when} type="date" value={surgery.on} onChange={(on) => setSurgery({ ...surgery, on })} />
      <Choices
        label={common.side}
        options={SIDES.map((value) => ({ value, label: BODY_SIDE_LABELS[value] }))}
        value={surgery.side}
        onChange={(side) => setSurgery({ ...surgery, side: side as typeof surgery.side })}
      />
      <Button label={words.saveTheOperation} busy={writer.isBusy} onPress={() => void writer.saveIntake({ surgery })} />
    </Card>
  );
};

const Emergency = ({ intake, writer }: Props) => {
  const [name, setName] = useState(intake.contact?.name ?? '');
  const [phone, setPhone] = useState(intake.contact?.phone ?? '');
  const [medicine, setMedicine] = useState(intake.medicine);
  const mayKeep = intake.consentOn !== null;
  const save = () => {
    const isComplete = name.trim() !== '' && phone.trim() !== '';
    void writer.saveIntake({ ...(isComplete ? { contact: { name, phone } } : {}), ...(mayKeep ? { medicine } : {}) });
  };
  const isSame = name === (intake.contact?.name ?? '') && phone === (intake.contact?.phone ?? '') && medicine === intake.medicine;
  return (
    <Card>
      <Heading level={3}>{words.inAnEmergency}</Heading>
      <Field label={words.whomToCall} value={name} onChangeText={setName} />
      <Field label={words.phone} inputMode="tel" value={phone} onChangeText={setPhone} />
      {mayKeep ? (
        <Field label={words.medicineTheyCarryAnd} value={medicine} onChangeText={setMedicine} />
      ) : (
        <Txt kind="small" tone="quiet">
          {intake.medicine === '' ? words.medicineWithConsent : words.medicineOnRecord(intake.medicine)}
        </Txt>
      )}
      {!isSame && <Button label={words.saveForEmergencies} busy={writer.isBusy} onPress={save} />}
    </Card>
  );
};
