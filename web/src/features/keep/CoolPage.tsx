import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { KitchenView } from '../../api/client';
import { useCoolingPreview } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useTaken } from '../../api/occupancy';
import { parseQuantity, QuantityField } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Forecast } from './Forecast';
import { MoreThanMade } from './MoreThanMade';
import { SetupFields } from './SetupFields';
import { ThickestPiece } from './ThickestPiece';
import { blankSetup, choiceOf, formOf, type SetupForm } from './setup';
import { WhatFields, whatOf, type WhatForm } from './WhatFields';
import { degreesTyped, useKept } from './useKept';
import { degrees } from './words';

const REST_MS = 120;

/** Whether it will be cold in time, before anything is poured. */
export function CoolPage() {
  const { data: kitchen } = useKitchen();
  return (
    <Page
      title="Will it be cold in time"
      sub="reckoned before you start, on the slow side of what is known"
      step="Keep"
    >
      {kitchen &&
        (kitchen.vessels.length === 0 ? (
          <Typography>
            First tell Urn Stew what there is to cool in:{' '}
            <Link to="/kitchen">add a pot or a tray under Kitchen</Link>, and the cold places.
          </Typography>
        ) : (
          <Form kitchen={kitchen} />
        ))}
    </Page>
  );
}

function Form({ kitchen }: { kitchen: KitchenView }) {
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const batch = search.get('batch');
  const { units } = kitchen.settings;
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(
    undefined,
    () => void navigate('/keep'),
  );
  const [what, setWhat] = useState<WhatForm>({
    of: batch ? `batch:${batch}` : '',
    mass: search.get('mass') ?? '',
  });
  const [text, setText] = useState(units === 'US' ? '190 °F' : '88 °C');
  const taken = useTaken();
  const [typed, setForm] = useState<SetupForm>();
  const form = typed ?? blankSetup(kitchen, taken);
  const [more, setMore] = useState('');
  const read = parseQuantity(text, 'TEMPERATURE', degreesTyped(text, units).own);
  const of = whatOf(what, kitchen);
  const setup = choiceOf(form, kitchen);
  const request =
    of && setup && read.outcome === 'understood'
      ? { what: of, startCelsius: read.value, setup }
      : undefined;
  const { preview, problem } = useCoolingPreview(request, REST_MS);
  const wrong = (pointer: string) => refused?.at(pointer) ?? problem?.at(pointer);
  const fault = text && read.outcome !== 'understood' ? read.message : wrong('/startCelsius');
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: columns.cool, gap: 4, alignItems: 'start' }}>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          if (request && hourUnderstood)
            void write('/coolings', { ...request, ...(more.trim() ? { moreBecause: more } : {}) });
        }}
        sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}
      >
        <WhatFields
          form={what}
          onForm={edit(setWhat)}
          kitchen={kitchen}
          fault={wrong('/what/massKilograms')}
        />
        <MoreThanMade because={more} onBecause={edit(setMore)} refused={refused} />
        {(preview?.thickestPieceMeters !== undefined ||
          what.thickest ||
          wrong('/what/thickestPieceMeters')) && (
          <ThickestPiece
            text={what.thickest ?? ''}
            reckoned={problem ? undefined : preview?.thickestPieceMeters}
            units={units}
            onText={(thickest) => edit(setWhat)({ ...what, thickest })}
            fault={wrong('/what/thickestPieceMeters')}
          />
        )}
        <QuantityField
          label="How hot it is now, all through"
          text={text}
          onText={edit(setText)}
          understood={read.outcome === 'understood' ? degrees(read.value, units) : ''}
          fault={fault}
          numeric={false}
        />
        <SetupFields form={form} onForm={edit(setForm)} kitchen={kitchen} fault={wrong} />
        {hour}
        <Button
          type="submit"
          variant="contained"
          disabled={!request || !hourUnderstood || Boolean(problem)}
          sx={{ minHeight: sizes.target }}
        >
          It is cooling
        </Button>
        {elsewhere(
          fault ??
            wrong('/what/massKilograms') ??
            wrong('/setup/count') ??
            wrong('/setup/vesselId'),
        )}
        {problem &&
          !problem.at('/setup/count') &&
          !problem.at('/what/massKilograms') &&
          !problem.at('/startCelsius') &&
          !problem.at('/what/thickestPieceMeters') && <Note tone="tomato">{problem.summary}</Note>}
      </Box>
      {preview && request ? (
        <Forecast
          preview={preview}
          kitchen={kitchen}
          onTake={(choice) => setForm(formOf(choice))}
        />
      ) : (
        <Typography sx={{ color: 'text.secondary' }}>
          Say what it is and how much: the hours follow.
        </Typography>
      )}
    </Box>
  );
}
