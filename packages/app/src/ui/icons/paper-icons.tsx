import { Icon } from './Icon';
import type { IconName } from './Icon';

/** The few icons Paper asks for by name, drawn by our own set. */
const NAMES: Record<string, IconName> = {
  magnify: 'search',
  close: 'close',
  check: 'check',
  'arrow-left': 'back',
  'menu-down': 'down',
  'chevron-right': 'forward',
  plus: 'plus',
};

/** Stands in for the icon font that Paper would load. An unknown name draws nothing. */
const PaperIcon = ({ name, size = 24, color = 'currentColor' }: { name: string; size?: number; color?: string }) => {
  const own = NAMES[name];
  return own ? <Icon name={own} size={size} color={color} /> : null;
};

// Paper imports its icon font as a default export.
export default PaperIcon;
