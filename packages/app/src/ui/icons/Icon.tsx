import Svg, { Circle, Path } from 'react-native-svg';

/** Our own line icons on a 24 grid; each is one or more strokes. */
const STROKES = {
  floor: ['M3 20h18', 'M6 20v-7h5v7', 'M13 20v-11h5v11'],
  people: ['M4 20c0-4 2-6 5-6s5 2 5 6', 'M15 13.5c3 0 5 2 5 6'],
  moves: ['M3 20h5v-5h5v-5h5V5h3'],
  studio: ['M5 8v8', 'M8 6v12', 'M8 12h8', 'M16 6v12', 'M19 8v8'],
  plus: ['M12 5v14', 'M5 12h14'],
  minus: ['M5 12h14'],
  close: ['M6 6l12 12', 'M18 6L6 18'],
  check: ['M5 12.5l4.5 4.5L19 7.5'],
  back: ['M15 5l-7 7 7 7'],
  forward: ['M9 5l7 7-7 7'],
  search: ['M15.5 15.5L20 20'],
  why: ['M9 9.2c.3-1.8 1.5-2.7 3-2.7 1.8 0 3.1 1.1 3.1 2.7 0 2.3-3.1 2.4-3.1 4.8', 'M12 17.4v.2'],
  more: ['M5 12h.01', 'M12 12h.01', 'M19 12h.01'],
  down: ['M6 9l6 6 6-6'],
  up: ['M6 15l6-6 6 6'],
  warning: ['M12 4L2.5 20h19z', 'M12 10v5', 'M12 17.5v.1'],
  restart: ['M5 12a7 7 0 1 0 2.3-5.2', 'M5 4v4h4'],
  pause: ['M8 5v14', 'M16 5v14'],
  play: ['M7 5l12 7-12 7z'],
  waiting: ['M12 7v5l3 3'],
  undo: ['M9 6L4.5 10.5 9 15', 'M5 10.5h8a6 6 0 0 1 0 12h-2'],
  redo: ['M15 6l4.5 4.5L15 15', 'M19 10.5h-8a6 6 0 0 0 0 12h2'],
  sound: ['M4 10v4h3l5 4V6L7 10z', 'M15.5 9a4 4 0 0 1 0 6', 'M18 6.5a8 8 0 0 1 0 11'],
  mute: ['M4 10v4h3l5 4V6L7 10z', 'M16 10l5 5', 'M21 10l-5 5'],
  note: ['M5 4h14v16H5z', 'M8 9h8', 'M8 13h8', 'M8 17h4'],
  grip: ['M8 7h8', 'M8 12h8', 'M8 17h8'],
} as const;

const CIRCLES: Partial<Record<IconName, { cx: number; cy: number; r: number }[]>> = {
  people: [
    { cx: 9, cy: 8, r: 3.2 },
    { cx: 16, cy: 9, r: 2.5 },
  ],
  search: [{ cx: 10.5, cy: 10.5, r: 6.5 }],
  waiting: [{ cx: 12, cy: 12, r: 8.5 }],
};

export type IconName = keyof typeof STROKES;

/** One line icon. Decorative: the control it sits in carries the name. */
export const Icon = ({ name, size = 24, color }: { name: IconName; size?: number; color: string }) => (
  <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
    {CIRCLES[name]?.map((circle) => (
      <Circle key={circle.cx} {...circle} stroke={color} strokeWidth={2} fill="none" />
    ))}
    {STROKES[name].map((d) => (
      <Path key={d} d={d} stroke={color} strokeWidth={2} strokeLinecap="round" strokeLinejoin="round" fill="none" />
    ))}
  </Svg>
);
