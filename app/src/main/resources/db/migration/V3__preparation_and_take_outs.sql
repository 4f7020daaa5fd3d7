-- What happens in the pot before the simmer is computed and kept with the batch; pieces may come out;
-- a ladle or a handful, weighed once, is a measure.

-- Batches already started keep the time that their formula gave, and what was believed of their body.
update batch set snapshot = jsonb_set(
  jsonb_set(jsonb_set(snapshot, '{inputs,prior}',
    snapshot #> '{inputs,prior}' || '{"powerMean": 0, "bodyMean": 0, "bodyDeviation": 0.210683}'), '{preparation}', to_jsonb((
    select format('PT%sS', coalesce(sum(extract(epoch from (stage ->> 'time')::interval))::bigint, 0))
    from jsonb_array_elements(snapshot #> '{inputs,formula,formula,stages}') stage
    where stage ->> 'role' = 'PREPARE'))),
  '{inputs,formula,formula,stages}', (
    select jsonb_agg(stage || jsonb_build_object('technique',
      case stage ->> 'role' when 'PREPARE' then 'SWEAT' when 'REDUCE' then 'SIMMER' else 'FINISH' end)
      order by place)
    from jsonb_array_elements(snapshot #> '{inputs,formula,formula,stages}')
      with ordinality as stages (stage, place)))
where model_version = '2';

alter table batch_event
  drop constraint batch_event_kind,
  add constraint batch_event_kind check (kind in ('READING_TAKEN', 'STRUCK_OUT', 'RESTORED',
    'SIMMER_STARTED', 'POURED', 'ADDED', 'LADLED_OUT', 'PIECES_TAKEN_OUT', 'SET_OTHERWISE',
    'TARGET_SET', 'STEP_DONE', 'FINISHED'));

-- 'As thick as last time' looks a formula's batches up, and a burner is known by its batches.
create index batch_by_formula on batch ((snapshot #>> '{inputs,formula,formula,id}'), ended_at desc);
create index batch_by_burner on batch ((snapshot #>> '{inputs,setting,heatSource,id}'), ended_at desc);

create table oven (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  width_meters double precision not null check (width_meters between 0.2 and 2),
  width_text text not null,
  depth_meters double precision not null check (depth_meters between 0.2 and 2),
  depth_text text not null,
  height_meters double precision not null check (height_meters between 0.1 and 2),
  height_text text not null,
  hottest_celsius double precision not null check (hottest_celsius between 60 and 300),
  fan boolean not null,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

create table kitchen_measure (
  id uuid primary key,
  name text not null check (name ~ '^[a-z]{2,30}$'),
  mass_kilograms double precision not null check (mass_kilograms between 0.00001 and 20),
  mass_text text not null,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);
-- A word means one thing at a time.
create unique index measure_by_name on kitchen_measure (name) where not retired;
