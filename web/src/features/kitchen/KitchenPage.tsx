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
import { Page } from '../../ui/Page';
import { Backup } from './Backup';
import { BurnerForm } from './BurnerForm';
import { ColdPlaceForm } from './ColdPlaceForm';
import { Burners } from './Burners';
import { KitchenFacts } from './KitchenFacts';
import { MeasureForm } from './MeasureForm';
import { OvenForm } from './OvenForm';
import { Ovens } from './Ovens';
import { TimingSheet } from './TimingSheet';
import { ColdPlaces, Measures } from './Things';
import { VesselForm } from './VesselForm';
import { Vessels } from './Vessels';
import { Column } from '../../ui/layout';
import { Text } from '../../ui/text';
import { KitchenGrid } from './kitchen.styles';
import { Pending } from '../../ui/Pending';

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
  if (!kitchen) return <Pending title="Kitchen" sub="what have we got" error={error} />;
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
      <KitchenGrid>
        <Column gap={3}>
          <Burners
            kitchen={kitchen}
            onEdit={(of) => setEditing({ what: 'burner', of })}
            onTime={(of) => setEditing({ what: 'timing', of })}
          />
          <Vessels kitchen={kitchen} onEdit={(of) => setEditing({ what: 'vessel', of })} />
          <Ovens kitchen={kitchen} onEdit={(of) => setEditing({ what: 'oven', of })} />
          <ColdPlaces kitchen={kitchen} onEdit={(of) => setEditing({ what: 'cold', of })} />
          <Measures kitchen={kitchen} onEdit={(of) => setEditing({ what: 'measure', of })} />
        </Column>
        <Column gap={2}>
          <KitchenFacts kitchen={kitchen} />
          <Text>
            <Link to="/kitchen/rules">Limits in force, and their sections</Link>
          </Text>
          <Backup />
        </Column>
      </KitchenGrid>
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
