import { Box, Button, Typography } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useAsMade, useBatch } from '../../api/batches';
import { client, newId, type BatchView, type KitchenView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useLots, useSources } from '../../api/lots';
import { useStock } from '../../api/pantry';
import { answered, ProblemError } from '../../api/problem';
import { photoOf, useStageNotes } from '../../api/stageNotes';
import { show } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { TextLine, Pick } from '../../ui/fields';
import { Eaters } from '../../ui/Eaters';
import { FallsOver } from '../../ui/FallsOver';
import { heatInWords } from '../../ui/heat';
import { Looks } from '../../ui/Looks';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { AgainSheet } from './AgainSheet';
import { fallOf } from './falls';

/** One finished batch: as it fell, what went in, where it went, and making it again. */
export function RecordPage() {
  const { id } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: batch, error } = useBatch(id);
  if (!kitchen || !batch)
    return (
      <Page title="Batch" sub="" step="Log">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  return <Record batch={batch} kitchen={kitchen} />;
}

function Record({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const navigate = useNavigate();
  const { units, zone } = kitchen.settings;
  const { data: lots = [] } = useLots();
  const { data: kept = [] } = useQuery({
    queryKey: ['keepings', 'of', batch.id],
    queryFn: () =>
      answered(
        client.GET('/api/keepings/of-batch/{batchId}', { params: { path: { batchId: batch.id } } }),
      ),
  });
  const mine = lots.filter((l) => l.batchId === batch.id);
  const out = batch.end?.finalMassKilograms;
  const reached = batch.end?.reachedSolidsFraction ?? batch.forecast.equivalentSolidsFraction;
  const mass =
    out === undefined ? '' : `&mass=${encodeURIComponent(show.text(show.mass(out, units)))}`;
  const { data: made } = useAsMade(batch.id);
  const [asking, setAsking] = useState(false);
  // As it turned out: the thickness that was reached, in this pot, on this burner, with this heat and lid.
  const plan = (asMade?: string) =>
    void navigate('/plan', {
      state: {
        formulaId: asMade ?? batch.formulaId,
        schools: asMade ? [] : batch.schools,
        asItTurnedOut: {
          solidsFraction: reached,
          vesselId: batch.pot.vessel.id,
          heatSourceId: batch.pot.heatSourceId,
          way: batch.pot.heating.way,
          lid: batch.pot.lid,
        },
      },
    });
  const acts = (
    <>
      <Button
        variant="outlined"
        component="a"
        href={`/api/batches/${batch.id}/readings.csv`}
        download="readings.csv"
      >
        Readings as a table
      </Button>
      <Button variant="outlined" component={Link} to={`/keep/cool?batch=${batch.id}${mass}`}>
        Cool it
      </Button>
      <Button
        variant="contained"
        onClick={() => (made && made.differences.length > 0 ? setAsking(true) : plan())}
      >
        Make it again
      </Button>
    </>
  );
  return (
    <Page
      title={batch.name}
      sub={`${show.day(batch.startedAt, zone)} · ${batch.pot.vessel.name} on ${batch.pot.heatSourceName} · ${heatInWords(batch.pot.heating)}, lid ${batch.pot.lid.toLowerCase()}`}
      step="Log"
      acts={acts}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.halves, gap: 4 }}>
        <Box sx={{ minWidth: 0 }}>
          <FallsOver falls={[fallOf(batch, 'as it fell')]} title={`Fall line of ${batch.name}`} />
          <Typography>
            {out === undefined
              ? 'It was not weighed at the end'
              : `${show.text(show.mass(out, units))} came out`}
            , {show.text(show.mass(batch.planned.endMassKilograms, units))} were planned; about{' '}
            {show.text(show.percent(reached))} solids. The pot boiled off ×{' '}
            {batch.forecast.evaporationFactor.toFixed(2)} of the assumed rate.
          </Typography>
          {batch.end?.note && (
            <Typography sx={{ mt: 1, fontStyle: 'italic', overflowWrap: 'anywhere' }}>
              {batch.end.note}
            </Typography>
          )}
          <HowItLooked batch={batch} zone={zone} />
          <Typography sx={{ mt: 1 }}>
            <Link to={`/pots/${batch.id}`}>Every entry</Link> ·{' '}
            <Link to={`/pots/${batch.id}/hand-over`}>to print</Link>
          </Typography>
        </Box>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}>
          <Eaters of={batch.declaration} />
          <WhatWentIn batch={batch} zone={zone} />
          {made && asking && (
            <AgainSheet
              batchId={batch.id}
              made={made}
              units={units}
              onPlan={plan}
              onClose={() => setAsking(false)}
            />
          )}
          <Box component="section" aria-label="Kept">
            <Typography variant="h2">Kept</Typography>
            {kept.length + mine.length === 0 && (
              <Typography sx={{ color: 'text.secondary' }}>
                Nothing is noted of how it was held, cooled or put away.
              </Typography>
            )}
            {kept.map((k) => (
              <Typography key={k.id}>
                {k.cooling ? 'Cooled' : 'Held hot'} from {show.hour(k.startedAt, zone)}
                {k.closedAs
                  ? `, ${k.closedAs === 'DISCARDED' ? `thrown away: ${k.reason}` : k.closedAs === 'SERVED' ? 'served' : 'put away'}`
                  : ''}{' '}
                ({k.ruleSetName}){' '}
                <a href={`/api/keepings/${k.id}/record.pdf`} target="_blank" rel="noreferrer">
                  record
                </a>
              </Typography>
            ))}
            {mine.map((l) => (
              <Typography key={l.id}>
                <Link to={`/keep/lots/${l.id}`}>
                  {l.tubs} {l.tubs === 1 ? 'tub' : 'tubs'} {l.code}
                </Link>
                , {l.placeName}
              </Typography>
            ))}
          </Box>
        </Box>
      </Box>
    </Page>
  );
}

/** Photos and notes of its stages; they are taken at the pot. */
function HowItLooked({ batch, zone }: { batch: BatchView; zone: string }) {
  const { data: notes } = useStageNotes(batch.id);
  return (
    <Box component="section" aria-label="How it looked" sx={{ mt: 1.5 }}>
      {notes && notes.own.length > 0 && <Typography variant="h2">How it looked</Typography>}
      <Looks
        large
        label="Noted of this batch"
        looks={(notes?.own ?? []).map((n) => ({
          id: n.id,
          photo: n.photo ? photoOf(n) : undefined,
          words: n.note,
          when: show.hour(n.notedAt, zone),
          stage: n.stage,
        }))}
      />
      <Typography sx={{ mt: 1 }}>
        <Link to={`/pots/${batch.id}`}>Note how a stage looked</Link>
      </Typography>
    </Box>
  );
}

/** Codes of cans and tags, so that a recall finds this batch. */
function WhatWentIn({ batch, zone }: { batch: BatchView; zone: string }) {
  const queries = useQueryClient();
  const { data: sources = [] } = useSources(batch.id);
  const { data: stock = [] } = useStock();
  const options = batch.planned.amounts.map((a) => [a.ingredientId, a.name] as const);
  const [of, setOf] = useState(options[0]?.[0] ?? '');
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState<ProblemError>();
  const packs = stock.filter((s) => s.ingredientId === of && s.code);
  const stockId = packs.find((s) => s.code === code.trim())?.id;
  const add = async () => {
    try {
      await answered(
        client.POST('/api/lots/sources/{batchId}', {
          params: { path: { batchId: batch.id } },
          body: {
            id: newId(),
            ingredientId: of,
            code: code.trim(),
            ...(stockId ? { stockId } : {}),
          },
        }),
      );
      setCode('');
      setProblem(undefined);
      await queries.invalidateQueries({ queryKey: ['lots'] });
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setProblem(e);
    }
  };
  return (
    <Box component="section" aria-label="What went in">
      <Typography variant="h2">What went in</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {sources.map((s) => (
          <Typography component="li" key={`${s.name}${s.code}${s.at ?? ''}`}>
            {s.name} <b>{s.code}</b>
            {s.at && (
              <Box component="span" sx={{ color: 'text.secondary', fontSize: sizes.small }}>
                {' '}
                noted {show.day(s.at, zone)}
                {s.words ? `, ${s.words}` : ''}
              </Box>
            )}
          </Typography>
        ))}
      </Box>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          if (code.trim() && of) void add();
        }}
        sx={{
          display: 'grid',
          gridTemplateColumns: columns.source,
          gap: 1.5,
          alignItems: 'end',
          mt: 0.5,
        }}
      >
        <Pick label="Of" value={of} options={options} onPick={setOf} />
        <TextLine
          label="Code on the can, number of the tag"
          text={code}
          onText={setCode}
          fault={problem?.summary}
        />
        <Button type="submit" variant="outlined" disabled={!code.trim() || !of}>
          Note it
        </Button>
      </Box>
      {packs.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mt: 0.5 }}>
          On the shelf:{' '}
          {packs.map((s) => (
            <Button key={s.id} onClick={() => setCode(s.code ?? '')}>
              {s.code}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
