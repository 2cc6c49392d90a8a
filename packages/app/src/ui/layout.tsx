import { View } from 'react-native';
import type { ViewProps, ViewStyle } from 'react-native';
import { SPACE } from '../theme/tokens';

type Align = 'start' | 'center' | 'end' | 'baseline' | 'stretch';

const ALIGN: Readonly<Record<Align, ViewStyle['alignItems']>> = {
  start: 'flex-start',
  center: 'center',
  end: 'flex-end',
  baseline: 'baseline',
  stretch: 'stretch',
};

interface Laid extends ViewProps {
  /** Space between what stands in it; none where left out. */
  gap?: keyof typeof SPACE;
  /** Where its children lie across its direction. */
  align?: Align;
}

const laid = (direction: ViewStyle, gap: Laid['gap'], align: Align, style: ViewProps['style']): ViewProps['style'] => [
  direction,
  { alignItems: ALIGN[align], ...(gap ? { gap: SPACE[gap] } : {}) },
  style,
];

/** Beside each other on one line. */
export const Row = ({ gap, align = 'center', style, ...rest }: Laid) => (
  <View {...rest} style={laid({ flexDirection: 'row' }, gap, align, style)} />
);

/** Beside each other, on as many lines as it takes. */
export const Wrap = ({ gap, align = 'stretch', style, ...rest }: Laid) => (
  <View {...rest} style={laid({ flexDirection: 'row', flexWrap: 'wrap' }, gap, align, style)} />
);

/** Under each other. */
export const Stack = ({ gap, align = 'stretch', style, ...rest }: Laid) => (
  <View {...rest} style={laid({ flexDirection: 'column' }, gap, align, style)} />
);
