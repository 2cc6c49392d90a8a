import type { Side, SoreLimitId } from '@drubo/core/vocabulary';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.bodyAreas;

/** Left and right as they stand beside the outline. */
export const SIDE_WORDS = words.sides;

/** A place of the body to tap: where it is drawn and what may be wrong there. */
export interface BodyArea {
  id: string;
  name: string;
  side: Side;
  view: 'front' | 'back';
  x: number;
  y: number;
  limits: readonly SoreLimitId[];
}

/** The frame the outline is drawn in, in pixels: two of them stand beside each other on a phone. */
export const OUTLINE = { width: 172, height: 440, middle: 86 } as const;

const place = (
  area: keyof typeof words.areas,
  view: BodyArea['view'],
  out: number,
  y: number,
  limits: readonly SoreLimitId[],
): BodyArea[] =>
  out === 0
    ? [{ id: area, name: words.areas[area], side: 'both', view, x: OUTLINE.middle, y, limits }]
    : (['left', 'right'] as const).map((side) => ({
        id: `${area}-${side}`,
        name: words.onSide(words.areas[area], side),
        side,
        view,
        // Seen from the front the person's left is on the right; from the back it is on the left.
        x: OUTLINE.middle + out * ((side === 'left') === (view === 'front') ? 1 : -1),
        y,
        limits,
      }));

/** Every place, far enough apart for a thumb. */
export const BODY_AREAS: readonly BodyArea[] = [
  ...place('shoulder', 'front', 40, 92, ['shoulder']),
  ...place('hip-front', 'front', 30, 200, ['hip-front']),
  ...place('wrist', 'front', 62, 250, ['wrist', 'grip']),
  ...place('groin', 'front', 0, 248, ['groin']),
  ...place('knee', 'front', 26, 322, ['knee-front']),
  ...place('ankle', 'front', 26, 402, ['ankle-stiff', 'ankle-achilles-calf-foot']),
  ...place('neck', 'back', 0, 62, ['neck']),
  ...place('low-back', 'back', 0, 170, ['low-back-bending', 'low-back-arching']),
  ...place('outer-hip', 'back', 38, 222, ['hip-outer']),
  ...place('thigh-back', 'back', 26, 280, ['hamstring-sit-bone']),
  ...place('calf', 'back', 26, 372, ['ankle-achilles-calf-foot']),
];

/** Where a limit shows on the outline: its places on its side, on both where it has none. */
export const areasOf = (limit: SoreLimitId, side: Side): readonly BodyArea[] =>
  BODY_AREAS.filter((area) => area.limits.includes(limit) && (side === 'both' || area.side === 'both' || area.side === side));
