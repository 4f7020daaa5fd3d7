import { useTheme } from '@mui/material/styles';

/** A jar as full as an ingredient is of solids: what stays when all its water is gone. */
export function Jar({ solidsFraction }: { solidsFraction: number }) {
  const p = useTheme().vars.palette;
  const full = 22 * Math.min(1, Math.max(0, solidsFraction));
  return (
    <svg viewBox="0 0 24 32" width="24" height="32" aria-hidden="true" style={{ flexShrink: 0 }}>
      <rect x="4" y={29 - full} width="16" height={full} fill={p.kitchen.sauce1} />
      <path
        d="M7 3h10M8 3v2.5c0 1.2-4.5 1.5-4.5 4V27a2 2 0 0 0 2 2h13a2 2 0 0 0 2-2V9.5c0-2.5-4.5-2.8-4.5-4V3"
        fill="none"
        stroke={p.kitchen.steel}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
    </svg>
  );
}
