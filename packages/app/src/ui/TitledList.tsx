import { Children } from 'react';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { StyleProp, ViewStyle } from 'react-native';
import { Heading, Txt } from './Txt';

/** A heading and its list. Only items stand inside the list, and an empty one says so in words instead. */
export const TitledList = ({
  title,
  says = title,
  small = false,
  none,
  style,
  children,
}: {
  title: string;
  /** The list's name for screen readers, where the title alone is not enough. */
  says?: string;
  small?: boolean;
  /** What stands there when there is nothing. */
  none?: string;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}) => {
  const items = Children.toArray(children);
  return (
    <View>
      {small ? (
        <Heading level={3} kind="label">
          {title}
        </Heading>
      ) : (
        <Heading>{title}</Heading>
      )}
      {items.length === 0 && none ? <Txt tone="quiet">{none}</Txt> : null}
      {items.length > 0 && (
        <View role="list" aria-label={says} style={style}>
          {items.map((item, at) => (
            <View key={at} role="listitem">
              {item}
            </View>
          ))}
        </View>
      )}
    </View>
  );
};
