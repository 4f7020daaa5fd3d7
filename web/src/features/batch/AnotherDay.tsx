import { Checkbox, FormControlLabel } from '@mui/material';
import { useStopping } from '../../api/batches';
import { newId } from '../../api/client';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { BareList, Row, RuledRow } from '../../ui/layout';
import { Text } from '../../ui/text';
import { usePotWrites } from '../../ui/useWrites';

interface Props {
  batchId: string;
  units: Units;
  stopped: boolean;
  onChange: (to: boolean) => void;
}

/** It is not done: it is cooled and kept, and somebody goes on with it. */
export function AnotherDay({ batchId, units, stopped, onChange }: Props) {
  return (
    <>
      <FormControlLabel
        control={<Checkbox checked={stopped} onChange={(e) => onChange(e.target.checked)} />}
        label="Not done: it goes on another day"
      />
      {stopped && (
        <>
          <Text tone="cold" size="note">
            Cool it and keep it by the rule. Its tubs know what is still to come: go on with them,
            or with some of them, from their page.
          </Text>
          <NotInYet batchId={batchId} units={units} />
        </>
      )}
    </>
  );
}

/** What its tubs will say is still to go in: the moment to say what is in already. */
function NotInYet({ batchId, units }: { batchId: string; units: Units }) {
  const { data, refetch } = useStopping(batchId, true);
  const write = usePotWrites();
  if (!data || data.lines.length === 0) return null;
  const isIn = async (line: number, massKilograms: number) => {
    await write('/pours', { id: newId(), line, massKilograms, enteredText: '' }, batchId);
    await refetch();
  };
  return (
    <section aria-label="Not in yet">
      <Text strong>Not in yet, is that so?</Text>
      <BareList>
        {data.lines.map(({ line, name, massKilograms }, i) => (
          <RuledRow key={`${name}${i}`}>
            <Row sx={{ justifyContent: 'space-between' }}>
              <Text>
                <b>{show.text(show.mass(massKilograms, units))}</b> {name}
              </Text>
              {line !== undefined && (
                <ActButton
                  aria-label={`${name} is in already`}
                  onAct={() => isIn(line, massKilograms)}
                >
                  It is in
                </ActButton>
              )}
            </Row>
          </RuledRow>
        ))}
      </BareList>
    </section>
  );
}
