import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { newId, type KitchenView } from '../../api/client';
import { useKeepings } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useTubs } from '../../api/lots';
import { parseQuantity, QuantityField, show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { Declaration } from '../../ui/Declaration';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { dayOf, longTime } from './lotWords';
import { MoreThanMade } from './MoreThanMade';
import { useLotEntry } from './useLotEntry';
import { WhatFields, whatOf } from './WhatFields';

const NOW = '2000-01-01T00:00:00Z';

/** Cold sauce into tubs, with its date. */
export function PutAwayPage() {
  const { data: kitchen } = useKitchen();
  return (
    <Page
      title="Put away"
      sub="tubs with room to freeze, a label, and a date by the rule"
      step="Keep"
    >
      {kitchen &&
        (kitchen.coldPlaces.length === 0 ? (
          <Typography>
            This kitchen has no refrigerator or freezer yet.{' '}
            <Link to="/kitchen">Add one under Kitchen</Link>, then tubs can stand in it.
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
  const { units } = kitchen.settings;
  const { data: keepings = [] } = useKeepings();
  const over = keepings.filter((k) => k.cooling?.action === 'PUT_AWAY');
  const [cooling, setCooling] = useState(search.get('cooling') ?? '');
  const [what, setWhat] = useState({ of: '', mass: '' });
  const [because, setBecause] = useState('');
  const [more, setMore] = useState('');
  const [text, setText] = useState(units === 'US' ? '1 qt' : '1 l');
  const [placeId, setPlaceId] = useState(kitchen.coldPlaces[0]?.id ?? '');
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useLotEntry(
    undefined,
    () => void navigate('/keep'),
  );
  const tub = parseQuantity(text, 'VOLUME', 'l');
  const of = whatOf(what, kitchen);
  const source = cooling ? { keepingId: cooling } : of ? { what: of } : undefined;
  const body =
    source && tub.outcome === 'understood'
      ? {
          ...source,
          tubCubicMeters: tub.value,
          tubText: text,
          placeId,
          ...(cooling || !because.trim() ? {} : { uncooledBecause: because }),
          ...(more.trim() ? { moreBecause: more } : {}),
        }
      : undefined;
  const { tubs, problem } = useTubs(
    body && { ...body, id: newId(), stamp: { typedAt: NOW, sentAt: NOW } },
  );
  const wrong = (pointer: string) => refused?.at(pointer) ?? problem?.at(pointer);
  const fault = text && tub.outcome !== 'understood' ? tub.message : wrong('/tubCubicMeters');
  const options = [
    ...over.map(
      (k) =>
        [
          k.id,
          `${k.name}, ${show.text(show.mass(k.massKilograms ?? 0, units))}, cold in time`,
        ] as const,
    ),
    ['', 'something else'] as const,
  ];
  const litres = (cubic: number) => show.text(show.poured(cubic, units));
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: columns.cool, gap: 4, alignItems: 'start' }}>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          if (body && hourUnderstood) void write('', body);
        }}
        sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}
      >
        <Pick label="From" value={cooling} options={options} onPick={edit(setCooling)} />
        {!cooling && (
          <WhatFields
            form={what}
            onForm={edit(setWhat)}
            kitchen={kitchen}
            fault={wrong('/what/massKilograms')}
          />
        )}
        {!cooling && (
          <Note>
            Nothing here shows how it was cooled: <Link to="/keep/cool">cool it first</Link>, or say
            why there is no record. The reason stays with the tubs.
          </Note>
        )}
        {!cooling && (
          <TextLine
            label="Why no cooling is recorded"
            text={because}
            onText={edit(setBecause)}
            placeholder="cooled in the ice bath at noon, watched by Ida"
            fault={refused?.at('/uncooledBecause')}
          />
        )}
        <MoreThanMade because={more} onBecause={edit(setMore)} refused={refused} />
        <QuantityField
          label="A tub holds, to the rim"
          text={text}
          onText={edit(setText)}
          understood={tub.outcome === 'understood' ? litres(tub.value) : ''}
          fault={fault}
          numeric={false}
        />
        <Pick
          label="Into"
          value={placeId}
          options={kitchen.coldPlaces.map(
            (p) =>
              [p.id, `${p.name}, ${show.text(show.temperature(p.celsius, units, 0))}`] as const,
          )}
          onPick={edit(setPlaceId)}
        />
        {hour}
        <Button
          type="submit"
          variant="contained"
          disabled={!body || !hourUnderstood}
          sx={{ minHeight: sizes.target }}
        >
          It is put away
        </Button>
        {elsewhere(fault ?? wrong('/what/massKilograms'))}
      </Box>
      {tubs && body ? (
        <Box component="section" aria-label="Tubs">
          <Typography
            component="p"
            role="status"
            sx={{
              fontFamily: faces.figures,
              fontWeight: 800,
              fontSize: sizes.figureLarge,
              lineHeight: 1.1,
            }}
          >
            {tubs.tubs} {tubs.tubs === 1 ? 'tub' : 'tubs'}
          </Typography>
          <Typography>
            Each filled to {litres(tubs.eachCubicMeters)}
            {tubs.lastCubicMeters > 0 ? `, the last to ${litres(tubs.lastCubicMeters)}` : ''}
            {tubs.bestUntil ? ': water swells by a tenth when it freezes' : ''}.
          </Typography>
          {tubs.freezingSeconds > 0 && (
            <Typography>
              Frozen through in about {longTime(tubs.freezingSeconds)}, standing apart.
            </Typography>
          )}
          <Typography sx={{ mt: 1, fontWeight: 700 }}>
            {tubs.bestUntil
              ? `Best until ${dayOf(tubs.bestUntil)}, frozen`
              : `Use by ${dayOf(tubs.useBy)}`}
          </Typography>
          {tubs.bestUntil && (
            <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
              Chilled it would be used by {dayOf(tubs.useBy)}; days in the freezer do not count.
            </Typography>
          )}
          <Typography variant="h2" sx={{ mt: 1.5 }}>
            On the label
          </Typography>
          <Declaration of={tubs.declaration} />
          {tubs.fitness !== 'WELL' && tubs.bestUntil && (
            <Note tone={tubs.fitness === 'BADLY' ? 'tomato' : 'brass'}>
              {tubs.fitness === 'BADLY' ? 'Freezes badly' : 'Freezes with care'}:{' '}
              {tubs.fitnessSays.join('; ')}.
            </Note>
          )}
        </Box>
      ) : (
        <Typography sx={{ color: 'text.secondary' }}>
          {problem?.summary ?? 'Say what it is: tubs and dates follow.'}
        </Typography>
      )}
    </Box>
  );
}
