import { useTheme } from '@mui/material/styles';

/** A tub, as full as it is; what is frozen is slate with a line of ice. */
export function Tub({ frozen, due, fill }: { frozen: boolean; due: boolean; fill: number }) {
  const p = useTheme().vars.palette;
  const colour = due ? p.kitchen.tomato : frozen ? p.kitchen.slate : p.kitchen.brass;
  const ground = due ? p.kitchen.tomatoSoft : frozen ? p.kitchen.slateSoft : p.kitchen.brassSoft;
  const level = 33 - 24 * Math.min(1, Math.max(0.06, fill));
  const inset = (y: number) => 6 + ((y - 9) / 24) * 3;
  return (
    <svg viewBox="0 0 36 38" width="34" height="36" aria-hidden="true" style={{ flexShrink: 0 }}>
      <path d={`M${inset(level)} ${level}H${36 - inset(level)}L27 33H9Z`} fill={ground} />
      <path
        d="M6 9L9 33H27L30 9"
        fill="none"
        stroke={colour}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <path d="M3 7H33" stroke={colour} strokeWidth="3" strokeLinecap="round" />
      {frozen && (
        <path
          d={`M${inset(level) + 2} ${level + 4}h4m3 3h5`}
          stroke={colour}
          strokeWidth="1.4"
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}
