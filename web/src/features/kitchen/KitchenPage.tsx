import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type {
  ColdPlaceView,
  HeatSourceView,
  MeasureView,
  OvenView,
  VesselView,
} from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { usePantry } from '../../api/pantry';
import { columns } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Backup } from './Backup';
import { BurnerForm } from './BurnerForm';
import { ColdPlaceForm } from './ColdPlaceForm';
import { Burners, ColdPlaces, Measures, Ovens, Vessels } from './Equipment';
import { MeasureForm } from './MeasureForm';
import { OvenForm } from './OvenForm';
import { SettingsForm } from './SettingsForm';
import { TimingSheet } from './TimingSheet';
import { VesselForm } from './VesselForm';

type Editing =
  | { what: 'vessel'; of: VesselView | undefined }
  | { what: 'burner'; of: HeatSourceView | undefined }
  | { what: 'oven'; of: OvenView | undefined }
  | { what: 'measure'; of: MeasureView | undefined }
  | { what: 'cold'; of: ColdPlaceView | undefined }
  | { what: 'timing'; of: HeatSourceView };

/** What this kitchen has got. */
export function KitchenPage() {
  const { data: kitchen, error } = useKitchen();
  const { data: goods = [] } = usePantry();
  const [editing, setEditing] = useState<Editing>();
  if (!kitchen)
    return (
      <Page title="Kitchen" sub="what have we got">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  const { units } = kitchen.settings;
  const close = () => setEditing(undefined);
  return (
    <Page
      title={kitchen.settings.name}
      sub={
        kitchen.settings.demo
          ? 'a made-up kitchen to try things in: everything here is invented'
          : 'pots, burners and the air around them'
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.kitchen, gap: 4 }}>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 3, minWidth: 0 }}>
          <Vessels kitchen={kitchen} onEdit={(of) => setEditing({ what: 'vessel', of })} />
          <Ovens kitchen={kitchen} onEdit={(of) => setEditing({ what: 'oven', of })} />
          <Burners
            kitchen={kitchen}
            onEdit={(of) => setEditing({ what: 'burner', of })}
            onTime={(of) => setEditing({ what: 'timing', of })}
          />
          <ColdPlaces kitchen={kitchen} onEdit={(of) => setEditing({ what: 'cold', of })} />
          <Measures kitchen={kitchen} onEdit={(of) => setEditing({ what: 'measure', of })} />
        </Box>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}>
          <SettingsForm key={kitchen.settings.version} kitchen={kitchen} />
          <Typography>
            <Link to="/kitchen/rules">Limits in force, and their sections</Link>
          </Typography>
          <Backup />
        </Box>
      </Box>
      {editing?.what === 'vessel' && (
        <VesselForm vessel={editing.of} units={units} onClose={close} />
      )}
      {editing?.what === 'oven' && <OvenForm oven={editing.of} units={units} onClose={close} />}
      {editing?.what === 'cold' && (
        <ColdPlaceForm place={editing.of} units={units} onClose={close} />
      )}
      {editing?.what === 'timing' && (
        <TimingSheet burner={editing.of} kitchen={kitchen} onClose={close} />
      )}
      {editing?.what === 'measure' && (
        <MeasureForm measure={editing.of} goods={goods} units={units} onClose={close} />
      )}
      {editing?.what === 'burner' && <BurnerForm burner={editing.of} onClose={close} />}
    </Page>
  );
}
