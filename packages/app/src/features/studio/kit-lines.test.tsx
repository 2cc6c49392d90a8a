import { fireEvent, screen } from '@testing-library/react-native';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import type { KitDto } from '@drubo/contracts';
import { aKit } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { GearLines } from './GearLines';
import { kitFormOf } from './kit-form';
import type { KitForm } from './kit-form';
import { KitLines } from './KitLines';
import { MachineLines } from './MachineLines';

const piece = (type: 'dumbbell' | 'kettlebell' | 'plate', value: number, owned: number) => ({
  id: `${type}-${value}kg`,
  type,
  value,
  unit: 'kg' as const,
  owned,
});
const kit: KitDto = {
  ...aKit(),
  pieces: [piece('dumbbell', 10, 2), piece('kettlebell', 24, 1), piece('plate', 5, 4)],
  machines: [],
  gear: [{ id: 'box-01', item: 'box', heightCm: 40, owned: 1 }],
};

let typed: () => KitForm;
const Lines = () => {
  const { control, getValues } = useForm({ defaultValues: kitFormOf(kit, 'kg') });
  useEffect(() => {
    typed = getValues;
  }, [getValues]);
  return (
    <>
      <KitLines control={control} problems={[null, 'is not a size']} unit="kg" />
      <MachineLines control={control} problems={[]} unit="kg" newId={() => 'machine-01'} />
      <GearLines control={control} unit="kg" newId={() => 'gear-0001'} />
    </>
  );
};

const press = (name: string) => fireEvent.press(screen.getAllByRole('button', { name })[0]!);

describe('the lines of a kit', () => {
  beforeEach(() => {
    show(<Lines />);
  });

  it('a line taken away takes nothing of the others along', () => {
    fireEvent.changeText(screen.getAllByLabelText('Sizes (kg)')[2]!, '2.5; 5');
    press('Take away: Kettlebells 24');
    expect(typed().weights.map(({ type, text }) => [type, text])).toEqual([
      ['dumbbell', '10'],
      ['plate', '2.5; 5'],
    ]);
    expect(screen.getAllByLabelText('Sizes (kg)').map(({ props }) => props.value)).toEqual(['10', '2.5; 5']);
  });

  it('a new one comes last with what there usually is of it, and what is wrong stands at its own line', () => {
    press('Add dumbbells');
    expect(typed().weights.at(-1)).toMatchObject({ type: 'dumbbell', text: '', unit: 'kg', owned: 2 });
    press('Of each: more');
    expect(typed().weights.map(({ owned }) => owned)).toEqual([3, 1, 4, 2]);
    expect(screen.getByText('Sizes is not a size')).toBeTruthy();
  });

  it('machines and things with a height keep the id they were given', () => {
    press('Add a machine: leg press');
    press('Add a bench with its height');
    fireEvent.changeText(screen.getByLabelText('Which one'), 'Old press');
    expect(typed().machines).toMatchObject([{ id: 'machine-01', item: 'leg-press', name: 'Old press' }]);
    press('Take away: box');
    expect(typed().gear).toEqual([{ id: 'gear-0001', item: 'bench', text: '', owned: 1 }]);
  });
});
