import { recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { SEGMENTS } from '@drubo/core';
import type { Segments } from '@drubo/core';

/** The lengths a person's figure is drawn with: measured ones as shares of their height, the table's for the rest. */
export const proportionsOf = ({ person, records }: Pick<PersonDetailDto, 'person' | 'records'>): Segments => {
  const { heightCm } = person;
  if (heightCm === null) return SEGMENTS;
  const measures = recordsOf(records, 'measure')
    .map(({ fields }) => fields)
    .sort((a, b) => a.on.localeCompare(b.on));
  const share = (key: 'thighCm' | 'shankCm' | 'trunkCm', usual: number): number => {
    const cm = measures.flatMap((fields) => fields[key] ?? []).at(-1);
    return cm === undefined ? usual : cm / heightCm;
  };
  return {
    ...SEGMENTS,
    thigh: share('thighCm', SEGMENTS.thigh),
    shank: share('shankCm', SEGMENTS.shank),
    trunk: share('trunkCm', SEGMENTS.trunk),
  };
};
