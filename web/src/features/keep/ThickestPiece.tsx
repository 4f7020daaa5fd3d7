import { parseQuantity, QuantityField, show, type Units } from '../../quantities';

interface Props {
  text: string;
  reckoned: number | undefined;
  units: Units;
  onText: (text: string) => void;
  fault: string | undefined;
}

/** Heat has to leave through the thickest piece; what nobody measured is taken as a ball of its weight. */
export function ThickestPiece({ text, reckoned, units, onText, fault }: Props) {
  const read = parseQuantity(text, 'LENGTH', 'mm');
  const wrong = text && read.outcome !== 'understood' ? read.message : fault;
  return (
    <QuantityField
      label="Its thickest piece"
      text={text}
      onText={onText}
      understood={
        reckoned === undefined
          ? ''
          : `reckoned with ${show.text(show.depth(reckoned, units))}${text ? '' : ': a ball of its weight, measure it'}`
      }
      fault={wrong}
      numeric={false}
    />
  );
}
