-- What lists and search need of a batch stands in columns of its own: reading it out of the frozen documents costs more
-- the more batches there are. Readings are kept on the fall line as points, so that thousands can be thinned.

alter table batch add column formula_id text;
alter table batch add column cost double precision check (cost >= 0);
alter table batch add column heat_source_id uuid;
alter table batch add column heating text;
alter table batch add column readings integer not null default 0 check (readings >= 0);
alter table batch add column plate_tests integer not null default 0 check (plate_tests >= 0);
alter table batch add column power_factor double precision;
alter table batch add column body_factor double precision;
-- How thick it got; empty for batches of before.
alter table batch add column reached_fraction double precision check (reached_fraction between 0 and 1);
update batch b set
  heat_source_id = (snapshot #>> '{inputs,setting,heatSource,id}')::uuid,
  heating = snapshot #>> '{inputs,setting,heating,kind}',
  plate_tests = (select count(*) from batch_event e where e.batch_id = b.id and e.kind = 'READING_TAKEN'
    and e.payload #>> '{measurement,kind}' = 'Plated'),
  power_factor = (forecast ->> 'powerFactor')::double precision,
  body_factor = (forecast ->> 'bodyFactor')::double precision,
  formula_id = snapshot #>> '{inputs,formula,formula,id}',
  cost = (planned #>> '{plan,cost,used}')::double precision,
  readings = (forecast ->> 'readings')::integer;
alter table batch alter column formula_id set not null;
alter table batch alter column heat_source_id set not null;
alter table batch alter column heating set not null;
alter table batch alter column readings drop default;
alter table batch alter column plate_tests drop default;

create function points_of_marks(of_batch uuid, forecast jsonb) returns jsonb language sql as $$
  select (forecast - 'marks') || jsonb_build_object('reads', coalesce(
    (select jsonb_agg(jsonb_build_object(
        'at', to_char(e.happened_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'),
        'kilograms', (forecast #>> array['marks', e.id::text])::double precision,
        'ofMass', e.payload #>> '{measurement,kind}' in ('Weighed', 'Dipped'),
        'odd', coalesce((forecast -> 'oddReadings') ? e.id::text, false)) order by e.happened_at)
      from batch_event e where e.batch_id = of_batch and (forecast -> 'marks') ? e.id::text), '[]'))
$$;
update batch set
  forecast = points_of_marks(id, forecast),
  planned = jsonb_set(planned, '{forecast}', points_of_marks(id, planned -> 'forecast'));
drop function points_of_marks;

-- Read at every look at a pot; this one unpacks several times faster.
alter table batch alter column snapshot set compression lz4;
alter table batch alter column planned set compression lz4;
alter table batch alter column forecast set compression lz4;

create index batch_event_acts on batch_event (batch_id, sequence) where kind <> 'READING_TAKEN';
create index batch_on_burner on batch (heat_source_id, ended_at desc) where status = 'FINISHED' and readings >= 2;
create index batch_plated on batch (formula_id, ended_at desc) where plate_tests > 0;
create index batch_rated on batch (ended_at desc, id) where status = 'FINISHED' and readings > 0;
