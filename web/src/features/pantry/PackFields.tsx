import { Box, Button, Checkbox, FormControlLabel } from '@mui/material';
import { TextLine } from '../../ui/fields';
import type { PackText } from './ingredientForm';
import { Text } from '../../ui/text';
import { PackRow } from './pantry.styles';

interface Props {
  packs: PackText[];
  change: (packs: PackText[]) => void;
  currency: string;
  pricedOn: string | undefined;
  faultAt: (field: string) => string | undefined;
}

/** Sizes in which it is bought, with what each costs. */
export function PackFields({ packs, change, currency, pricedOn, faultAt }: Props) {
  const put = (at: number, to: Partial<PackText>) =>
    change(packs.map((p, i) => (i === at ? { ...p, ...to } : p)));
  return (
    <Box>
      <Text variant="h2">Packs and prices</Text>
      <Text tone="muted" size="small">
        {pricedOn ? `Your prices of ${pricedOn}.` : 'These prices are invented: write your own.'}
      </Text>
      {packs.map((p, i) => (
        <PackRow key={i}>
          <TextLine
            label="Pack"
            hidden
            text={p.loose ? 'loose' : p.name}
            onText={(name) => put(i, { name })}
            placeholder="28 oz can"
          />
          <TextLine
            label={p.loose ? 'In steps of' : 'Holds'}
            hidden
            text={p.net}
            onText={(net) => put(i, { net })}
            placeholder={p.loose ? 'steps of 50 g' : '794 g'}
            fault={faultAt(`packs.${i}.net`)}
          />
          <TextLine
            label={`Price in ${currency}`}
            hidden
            text={p.price}
            onText={(price) => put(i, { price })}
            placeholder={currency}
            fault={faultAt(`packs.${i}.price`)}
          />
          <FormControlLabel
            control={
              <Checkbox
                size="small"
                checked={p.loose}
                onChange={() => put(i, { loose: !p.loose })}
              />
            }
            label="by weight"
          />
          <Button
            size="small"
            aria-label={`Take out ${p.name || 'the pack'}`}
            onClick={() => change(packs.toSpliced(i, 1))}
          >
            ×
          </Button>
        </PackRow>
      ))}
      <Button
        size="small"
        onClick={() => change([...packs, { name: '', net: '', price: '', loose: false }])}
      >
        Add a pack
      </Button>
    </Box>
  );
}
