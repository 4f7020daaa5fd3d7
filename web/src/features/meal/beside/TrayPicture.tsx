import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import type { TrayView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { LETTERS, Picture } from '../../../ui/Picture';

const HEIGHT = 240;
const WALL = 10;
type Layer = TrayView['layers'][number];

/** A cut through the tray: its layers as high as they stand, and the line they may reach. */
export function TrayPicture({ tray, units }: { tray: TrayView; units: Units }) {
  const p = useTheme().vars.palette;
  const mass = tray.layers.reduce((sum, l) => sum + l.massKilograms, 0);
  const rim = tray.lineMeters * 1.25;
  const sauce = tray.layers[0]?.name;
  const fill = (layer: Layer) => {
    if (layer.kind === 'SHEETS') return p.kitchen.brassSoft;
    return layer.name === sauce ? p.kitchen.tomatoSoft : p.kitchen.slateSoft;
  };
  return (
    <Picture
      title={`${tray.layers.length} layers stand ${show.text(show.depth(tray.filledMeters, units))} high, the line is at ${show.text(show.depth(tray.lineMeters, units))}.`}
      height={HEIGHT}
    >
      {(width) => {
        const wide = Math.min(width - 150, 420);
        const y = scaleLinear([0, rim], [HEIGHT - 14, 10]);
        let below = 0;
        return (
          <>
            {tray.layers.map((layer, i) => {
              const from = below;
              below += (tray.filledMeters * layer.massKilograms) / mass;
              const tall = y(from) - y(below);
              return (
                <g key={i}>
                  <rect
                    x={WALL}
                    width={wide}
                    y={y(below)}
                    height={Math.max(1, tall - 1)}
                    fill={fill(layer)}
                  />
                  {tall > 13 && (
                    <text
                      x={WALL + 8}
                      y={y(below) + tall / 2 + 4}
                      fontSize={LETTERS}
                      fill={p.text.primary}
                    >
                      {words(layer, units)}
                    </text>
                  )}
                </g>
              );
            })}
            <path
              d={`M ${WALL - 4} 10 V ${HEIGHT - 11} H ${WALL + wide + 4} V 10`}
              fill="none"
              stroke={p.kitchen.steel}
              strokeWidth={4}
            />
            <line
              x1={WALL - 2}
              x2={WALL + wide + 14}
              y1={y(tray.lineMeters)}
              y2={y(tray.lineMeters)}
              stroke={p.text.primary}
              strokeDasharray="5 4"
            />
            <text
              x={WALL + wide + 18}
              y={y(tray.lineMeters) + 4}
              fontSize={LETTERS}
              fill={p.text.secondary}
            >
              a finger below
            </text>
          </>
        );
      }}
    </Picture>
  );
}

const words = (layer: Layer, units: Units) =>
  `${layer.count > 0 ? `${layer.count} × ` : ''}${layer.name}, ${show.text(show.mass(layer.massKilograms, units))}`;
