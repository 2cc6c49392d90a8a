import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { KitDto } from '@drubo/contracts';
import { startKit } from '@drubo/core';
import { KIT_LABELS } from '@drubo/words/explain';
import { KIT_ITEMS, KIT_PLACES } from '@drubo/core/vocabulary';
import type { KitId, KitItem } from '@drubo/core/vocabulary';
import { RefusedError } from '../../data/api';
import { newId } from '../../data/ids';
import { useWriter } from '../../data/offline/QueueProvider';
import { refusalText } from '../../data/refusal';
import { useEndpoint } from '../../data/use-endpoint';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { Confirm } from '../../ui/Confirm';
import { FormField } from '../../ui/FormField';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Ticks } from '../../ui/Ticks';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { bandsOf } from './band-lines';
import { BandLines } from './BandLines';
import { gearOf } from './gear-lines';
import { GearLines } from './GearLines';
import { piecesOf, PLACE_LABELS } from '../../parts/kit/kit-lines';
import { kitFormOf } from './kit-form';
import type { KitForm } from './kit-form';
import { KitLines } from './KitLines';
import { LoadStrips } from './LoadStrips';
import { machinesOf } from './machine-lines';
import { MachineLines } from './MachineLines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.kitEditorScreen;

const ROOM = [
  { value: 'hasSafeties', label: words.safetyBarsOrStraps },
  { value: 'hasCollars', label: words.collars },
  { value: 'hasFullDiscs', label: words.fullSizeDiscs },
] as const;
/** Weights are lines of their own; the rest may simply stand there. */
const STANDING: readonly KitItem[] = KIT_ITEMS.filter(
  (item) => !['dumbbell', 'dumbbell-pair', 'kettlebell', 'kettlebell-pair', 'barbell', 'trap-bar', 'small-plates'].includes(item),
);

/** A kit: what weighs, what has a height, what stands there; with every load it makes as it is typed. */
export const KitEditorScreen = () => {
  const { kitId } = useLocalSearchParams<{ kitId: KitId }>();
  const { unit } = useStudio();
  const query = useEndpoint('getStudio');
  const [fresh] = useState(newId);
  return (
    <Shown what={words.theKit} query={query}>
      {({ kits }) => {
        const known = kits.find(({ id }) => id === kitId);
        return <Editor key={known?.version ?? 0} given={known ?? emptyKit(fresh, unit)} />;
      }}
    </Shown>
  );
};

const emptyKit = (id: string, unit: 'kg' | 'lb'): KitDto => {
  const { items, pieces: _, machines: __, gear: ___, ...room } = startKit('home', unit);
  return { id, version: 0, personId: null, name: '', pieces: [], machines: [], gear: [], items: [...items], ...room };
};

const Editor = ({ given }: { given: KitDto }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const { unit } = useStudio();
  const { person } = useLocalSearchParams<{ person?: string }>();
  const { control, getValues, setValue } = useForm({ defaultValues: kitFormOf(given, unit) });
  const form = useWatch({ control }) as KitForm;
  const [problem, setProblem] = useState<string | null>(null);
  const [isAsking, setAsking] = useState(false);
  const { pieces, problems } = useMemo(() => piecesOf(form.weights), [form.weights]);
  const { machines, problems: machineProblems } = useMemo(() => machinesOf(form.machines), [form.machines]);
  const heights = gearOf(form.gear, unit);
  const bands = bandsOf(form.bands, unit);
  const gear = heights && bands && [...heights, ...bands];
  const isReady = [...problems, ...machineProblems].every((one) => one === null) && gear !== null && form.name.trim() !== '';
  const back = person ? `/people/${person}/intake?step=places` : '/studio';
  const save = async () => {
    if (!gear) return;
    const { id, version, ...kept } = given;
    const { weights: _, bands: __, ...room } = getValues();
    try {
      const body = { version, kit: { ...kept, ...room, pieces, machines, gear } };
      await writer.save({ endpointId: 'saveKit', params: { kitId: id }, body, aggregate: `kit:${id}` });
      snack({ text: words.isSavedWaitingSheets(form.name) });
      router.replace(back as '/studio');
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setProblem(refusalText(error.reply));
    }
  };
  const remove = async () => {
    setAsking(false);
    try {
      await writer.save({ endpointId: 'removeKit', params: { kitId: given.id }, body: {}, aggregate: `kit:${given.id}` });
      router.replace(back as '/studio');
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setProblem(refusalText(error.reply));
    }
  };
  return (
    <Screen
      title={given.version === 0 ? words.newKit : form.name}
      beside={words.kit}
      back={back}
      footer={<Button look="main" label={words.saveTheKit} disabled={!isReady || !writer.isReady} onPress={() => void save()} />}
    >
      <Problem text={problem} />
      <FormField control={control} name="name" label={words.name} />
      <Choices
        label={words.whereItStands}
        options={KIT_PLACES.map((value) => ({ value, label: PLACE_LABELS[value] }))}
        value={form.place}
        onChange={(place) => setValue('place', place)}
      />
      <Heading>{words.weights}</Heading>
      <KitLines control={control} problems={problems} unit={unit} />
      {pieces.length > 0 && (
        <Card>
          <LoadStrips kit={{ pieces, machines, gear: gear ?? [] }} />
        </Card>
      )}
      <Heading>{words.machines}</Heading>
      <MachineLines control={control} problems={machineProblems} unit={unit} newId={newId} />
      <Heading>{words.withAHeight}</Heading>
      <GearLines control={control} unit={unit} newId={newId} />
      <Heading>{words.bands}</Heading>
      <BandLines control={control} unit={unit} newId={newId} />
      <Ticks
        label={words.forTheBar}
        options={ROOM}
        values={ROOM.map(({ value }) => value).filter((key) => form[key])}
        onChange={(values) => ROOM.forEach(({ value }) => setValue(value, values.includes(value)))}
      />
      <Ticks
        label={words.alsoThere}
        options={STANDING.map((value) => ({ value, label: KIT_LABELS[value] }))}
        values={form.items}
        onChange={(items) => setValue('items', items)}
      />
      {given.version > 0 && (
        <View style={{ paddingTop: SPACE.l }}>
          <Button look="danger" label={words.removeThisKit} onPress={() => setAsking(true)} />
        </View>
      )}
      {isAsking && (
        <Confirm
          title={words.remove(form.name)}
          text={words.sheetsAlreadyDoneKeep}
          yes={words.removeAtStart}
          onYes={() => void remove()}
          onNo={() => setAsking(false)}
        />
      )}
    </Screen>
  );
};
