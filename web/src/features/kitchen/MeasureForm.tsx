import { useState } from 'react';
import { Typography } from '@mui/material';
import { client, newId, type IngredientView, type MeasureView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show, type Units } from '../../quantities';
import { Pick } from '../../ui/fields';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

/** A ladle or a handful, weighed once: from then on its name is a unit. */
export function MeasureForm({
  measure,
  goods,
  units,
  onClose,
}: {
  measure: MeasureView | undefined;
  goods: readonly IngredientView[];
  units: Units;
  onClose: () => void;
}) {
  const [id] = useState(() => measure?.id ?? newId());
  const [name, setName] = useState(measure?.name ?? '');
  const [of, setOf] = useState(measure?.ingredientId ?? '');
  const [weight, setWeight] = useState(
    measure ? measure.massText || `${measure.massKilograms * 1000} g` : '',
  );
  const { problem, save } = useSave(onClose);
  const read = parseQuantity(weight, 'MASS', 'g');
  const fault =
    weight && read.outcome !== 'understood' ? read.message : problem?.at('/massKilograms');
  const word = name.trim().toLowerCase();
  const write = () => {
    if (read.outcome !== 'understood') return;
    const body = {
      id,
      name: word,
      ...(of ? { ingredientId: of } : {}),
      massKilograms: read.value,
      massText: weight,
    };
    void save(() =>
      answered(
        measure
          ? client.PUT('/api/measures', {
              body,
              params: { header: { 'If-Match': measure.version } },
            })
          : client.POST('/api/measures', { body }),
      ),
    );
  };
  const retire =
    measure &&
    (() =>
      void save(() =>
        answered(
          client.PUT('/api/measures/{id}/retired', {
            params: {
              path: { id },
              query: { retired: true },
              header: { 'If-Match': measure.version },
            },
          }),
        ),
      ));
  return (
    <EditSheet
      title={measure ? `Change the ${measure.name}` : 'Add a measure'}
      ready={word !== '' && read.outcome === 'understood'}
      problem={problem}
      shownAtFields={Boolean(fault ?? problem?.at('/name'))}
      onSave={write}
      onRetire={retire}
      onClose={onClose}
    >
      <Typography sx={{ color: 'text.secondary' }}>
        Fill it as you always do and weigh what it held. From then on its name is a unit: type “2{' '}
        {word || 'ladle'}s”.
      </Typography>
      <QuantityField
        label="One word, such as ladle or handful"
        text={name}
        onText={setName}
        understood=""
        fault={problem?.at('/name')}
        numeric={false}
        autoFocus
      />
      <Pick
        label="Of what"
        value={of}
        options={[
          ['', 'of anything'] as const,
          ...goods.map((g) => [g.id, g.content.name] as const),
        ]}
        onPick={setOf}
      />
      <QuantityField
        label="One holds"
        text={weight}
        onText={setWeight}
        understood={
          read.outcome === 'understood'
            ? show.text(show.mass(Math.max(0, read.value), units === 'US' ? 'METRIC' : 'US'))
            : ''
        }
        fault={fault}
        numeric={false}
      />
    </EditSheet>
  );
}
