import { useState } from 'react';
import { client, newId, type HeatSourceEdit, type HeatSourceView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

const KINDS = [
  { value: 'GAS', text: 'gas' },
  { value: 'RADIANT', text: 'radiant' },
  { value: 'INDUCTION', text: 'induction' },
] as const;

/** A burner with the power on its label. */
export function BurnerForm({
  burner,
  onClose,
}: {
  burner: HeatSourceView | undefined;
  onClose: () => void;
}) {
  const [id] = useState(() => burner?.id ?? newId());
  const [name, setName] = useState(burner?.name ?? '');
  const [power, setPower] = useState(
    burner ? burner.labelPowerText || `${burner.labelPowerWatts} W` : '',
  );
  const [kind, setKind] = useState<HeatSourceEdit['kind']>(burner?.kind ?? 'GAS');
  const { problem, save } = useSave(onClose);
  const read = parseQuantity(power, 'POWER', 'W');
  const fault =
    power && read.outcome !== 'understood' ? read.message : problem?.at('/labelPowerWatts');
  const write = () => {
    if (read.outcome !== 'understood') return;
    const body = { id, name, kind, labelPowerWatts: read.value, labelPowerText: power };
    void save(() =>
      answered(
        burner
          ? client.PUT('/api/heat-sources', {
              body,
              params: { header: { 'If-Match': burner.version } },
            })
          : client.POST('/api/heat-sources', { body }),
      ),
    );
  };
  const retire =
    burner &&
    (() =>
      void save(() =>
        answered(
          client.PUT('/api/heat-sources/{id}/retired', {
            params: {
              path: { id },
              query: { retired: true },
              header: { 'If-Match': burner.version },
            },
          }),
        ),
      ));
  return (
    <EditSheet
      title={burner ? `Change ${burner.name}` : 'Add a burner'}
      ready={name.trim() !== '' && read.outcome === 'understood'}
      problem={problem}
      shownAtFields={Boolean(fault ?? problem?.at('/name'))}
      onSave={write}
      onRetire={retire}
      onClose={onClose}
    >
      <QuantityField
        label="What the cooks call it"
        text={name}
        onText={setName}
        understood=""
        fault={problem?.at('/name')}
        numeric={false}
        autoFocus
      />
      <QuantityField
        label="Power on the label"
        text={power}
        onText={setPower}
        understood={read.outcome === 'understood' ? `${(read.value / 1000).toFixed(2)} kW` : ''}
        fault={fault}
        numeric={false}
      />
      <Choices label="Kind" options={KINDS} chosen={kind} onChoose={setKind} />
    </EditSheet>
  );
}
