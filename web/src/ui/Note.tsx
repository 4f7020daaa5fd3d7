import type { ReactNode } from 'react';
import { Well } from './layout';

/** One brass note where a caution matters; tomato where something is wrong. */
export function Note({
  tone = 'brass',
  children,
}: {
  tone?: 'brass' | 'tomato';
  children: ReactNode;
}) {
  return (
    <Well
      role={tone === 'tomato' ? 'alert' : 'note'}
      on={tone === 'tomato' ? 'alarm' : 'warn'}
      sx={{ color: 'text.primary', fontSize: '0.92rem' }}
    >
      {children}
    </Well>
  );
}
