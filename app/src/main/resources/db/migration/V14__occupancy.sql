-- What stands where just now: a pot holds one thing.
create table occupancy (
  holder_id uuid primary key,
  kind text not null check (kind in ('BATCH', 'HOLD', 'COOLING')),
  name text not null,
  vessel_id uuid not null unique references vessel (id),
  heat_source_id uuid references heat_source (id),
  oven_id uuid references oven (id),
  since timestamptz not null,
  check (heat_source_id is null or oven_id is null)
);

-- Of pots that earlier releases let share a vessel, the one that was put there last is in it.
insert into occupancy (holder_id, kind, name, vessel_id, heat_source_id, since)
select distinct on (vessel_id) id, 'BATCH', name, vessel_id, heat_source_id, since
from (
  select batch.id, batch.name, batch.started_at as since,
    coalesce((moved.payload #>> '{setting,vessel,id}')::uuid, batch.vessel_id) as vessel_id,
    coalesce((moved.payload #>> '{setting,heatSource,id}')::uuid, batch.heat_source_id)
      as heat_source_id
  from batch
  left join lateral (
    select payload from batch_event
    where batch_id = batch.id and kind = 'SET_OTHERWISE'
    order by sequence desc limit 1) moved on true
  where batch.status = 'SIMMERING') standing
where vessel_id is not null
order by vessel_id, since desc;

-- Why more is kept of a batch than it was known to make.
alter table keeping add column more_because text not null default ''
  check (char_length(more_because) <= 500);
