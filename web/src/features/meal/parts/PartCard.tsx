import type { ReactNode } from 'react';
import { Text } from '../../../ui/text';
import { Fields, Panel } from '../beside/beside.styles';

interface Props {
  title: string;
  sub: string;
  fields: ReactNode;
  children: ReactNode;
}

/** One part: what is known of it on the left, all the rest on the right. */
export function PartCard({ title, sub, fields, children }: Props) {
  return (
    <Panel aria-label={title}>
      <div>
        <Text variant="h2">{title}</Text>
        <Text tone="muted" size="note" sx={{ mb: 1 }}>
          {sub}
        </Text>
        <Fields>{fields}</Fields>
      </div>
      <div>{children}</div>
    </Panel>
  );
}
