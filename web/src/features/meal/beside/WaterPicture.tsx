import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { PastaView } from '../../../api/client';
import { LETTERS, Picture } from '../../../ui/Picture';
import { before } from './hours';

const HEIGHT = 190;
const EDGE = { left: 16, right: 64, top: 26, bottom: 40 };

interface Props {
  pasta: PastaView;
  tapCelsius: number;
  served: string | undefined;
}

/** The water from the tap to the boil, its fall at the drop, and the pasta in it, up to the plates. */
export function WaterPicture({ pasta, tapCelsius, served }: Props) {
  const p = useTheme().vars.palette;
  const { litBeforeSeconds: lit, dropBeforeSeconds: drop, outBeforeSeconds: out } = pasta;
  const boil = pasta.boilingCelsius;
  const boils = pasta.boilsBefore.likelySeconds;
  return (
    <Picture
      title={`Water: lit ${before(lit, served)}, at the boil ${before(boils, served)}, pasta in ${before(drop, served)}, out ${before(out, served)}.`}
      height={HEIGHT}
    >
      {(width) => {
        const x = scaleLinear([lit, 0], [EDGE.left, width - EDGE.right]);
        const y = scaleLinear([tapCelsius, boil], [HEIGHT - EDGE.bottom, EDGE.top]);
        const course = line<[number, number]>(
          ([s]) => x(s),
          ([, c]) => y(c),
        );
        const rise = (s: number) =>
          tapCelsius + (boil - tapCelsius) * (1 - ((s - boils) / (lit - boils || 1)) ** 1.15);
        const points: [number, number][] = [
          ...Array.from({ length: 25 }, (_, i): [number, number] => {
            const s = lit - ((lit - boils) * i) / 24;
            return [s, rise(s)];
          }),
          [drop, boil],
          [drop - 1, boil - pasta.fallKelvins],
          [Math.max(out, drop - pasta.backSeconds), boil],
          [out, boil],
        ];
        const floor = HEIGHT - EDGE.bottom;
        return (
          <>
            <rect
              x={x(drop)}
              width={Math.max(2, x(out) - x(drop))}
              y={y(boil) + 6}
              height={floor - y(boil) - 6}
              fill={p.kitchen.brassSoft}
              rx={4}
            />
            <path d={course(points) ?? ''} fill="none" stroke={p.kitchen.slate} strokeWidth={2.5} />
            <line x1={x(0)} x2={x(0)} y1={8} y2={floor} stroke={p.text.primary} strokeWidth={3} />
            <Words x={x(0) + 8} y={18} words="plates" />
            <Words x={EDGE.left} y={EDGE.top - 10} words={`${Math.round(boil)} °`} />
            <Foot x={x(lit)} words="light" hour={before(lit, served)} start />
            {x(drop) - x(boils) > 80 && (
              <Foot x={x(boils)} words="boils" hour={before(boils, served)} />
            )}
            <Foot x={x(drop)} words="in" hour={before(drop, served)} />
            <Foot x={x(out)} words="out" hour={before(out, served)} start />
          </>
        );
      }}
    </Picture>
  );
}

function Words({ x, y, words }: { x: number; y: number; words: string }) {
  const p = useTheme().vars.palette;
  return (
    <text x={x} y={y} fontSize={LETTERS} fill={p.text.secondary}>
      {words}
    </text>
  );
}

function Foot(props: { x: number; words: string; hour: string; start?: boolean }) {
  const p = useTheme().vars.palette;
  const anchor = props.start ? 'start' : 'end';
  const floor = HEIGHT - EDGE.bottom;
  return (
    <g>
      <line x1={props.x} x2={props.x} y1={floor} y2={floor + 6} stroke={p.text.secondary} />
      <text
        x={props.x}
        y={floor + 19}
        fontSize={LETTERS}
        fill={p.text.secondary}
        textAnchor={anchor}
      >
        {props.words}
      </text>
      <text
        x={props.x}
        y={floor + 34}
        fontSize={LETTERS}
        fontWeight={600}
        fill={p.text.primary}
        textAnchor={anchor}
      >
        {props.hour}
      </text>
    </g>
  );
}
