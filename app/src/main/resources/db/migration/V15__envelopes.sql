-- Documents come in an envelope with the number of their schema; those of before stay as they are.

create function opened(stored jsonb) returns jsonb language sql immutable parallel safe as $$
  select coalesce(stored -> 'document', stored)
$$;

alter table batch_event
  drop constraint payload_is_of_its_kind,
  drop constraint payload_has_what_its_kind_needs,
  add constraint payload_is_of_its_kind
    check (opened(payload) ->> 'kind' = replace(initcap(replace(kind, '_', ' ')), ' ', '')) not valid,
  add constraint payload_has_what_its_kind_needs check (
    case kind
      when 'READING_TAKEN' then opened(payload) #> '{measurement,kind}' is not null
      when 'STRUCK_OUT' then opened(payload) ->> 'eventId' is not null
      when 'RESTORED' then opened(payload) ->> 'eventId' is not null
      when 'POURED' then (opened(payload) #>> '{mass,kilograms}')::double precision >= 0
      when 'ADDED' then (opened(payload) #>> '{mass,kilograms}')::double precision > 0
      when 'LADLED_OUT' then (opened(payload) #>> '{mass,kilograms}')::double precision > 0
      when 'SET_OTHERWISE' then opened(payload) #> '{setting,vessel}' is not null
      when 'TARGET_SET' then opened(payload) #> '{target,kind}' is not null
      else true
    end) not valid;

alter table keeping_event
  drop constraint keeping_event_payload_check,
  add constraint payload_is_of_a_kind check (opened(payload) ->> 'kind' in
    ('Read', 'Placed', 'Stirred', 'Reheated', 'ToppedUp', 'StruckOut')) not valid;

-- What later batches ask of earlier ones stands in columns; nothing reads into documents any more.
alter table batch
  add column label_power_watts double precision check (label_power_watts > 0),
  add column measured_power_watts double precision check (measured_power_watts > 0),
  add column plated_spread_meters double precision check (plated_spread_meters > 0),
  add column plated_at timestamptz,
  add constraint plated_once check ((plated_spread_meters is null) = (plated_at is null));
update batch b set
  heating = case heating when 'BurnerSet' then 'BURNER_SET' when 'InOven' then 'IN_OVEN' else 'KEPT_BY_EYE' end,
  label_power_watts = (snapshot #>> '{inputs,setting,heatSource,labelPower,watts}')::double precision,
  measured_power_watts = (snapshot #>> '{inputs,setting,heatSource,measuredPower,watts}')::double precision;
update batch b set plated_spread_meters = last.spread, plated_at = last.happened_at
from (
  select distinct on (e.batch_id) e.batch_id, e.happened_at,
    (e.payload #>> '{measurement,spread,meters}')::double precision as spread
  from batch_event e
  where e.kind = 'READING_TAKEN' and e.payload #>> '{measurement,kind}' = 'Plated'
    and (select coalesce(sum(case s.kind when 'STRUCK_OUT' then 1 else -1 end), 0)
      from batch_event s
      where s.batch_id = e.batch_id and s.payload ->> 'eventId' = e.id::text) = 0
  order by e.batch_id, e.happened_at desc) as last
where b.id = last.batch_id;
drop index batch_plated;
alter table batch
  alter column label_power_watts set not null,
  add constraint heated_in_a_known_way
    check (heating in ('KEPT_BY_EYE', 'BURNER_SET', 'IN_OVEN')),
  drop column plate_tests;
create index batch_plated on batch (formula_id, ended_at desc) where plated_spread_meters is not null;

alter table panel
  drop constraint panel_cups_check,
  drop constraint panel_check,
  add constraint two_to_four_cups check (
    jsonb_array_length(coalesce(cups #> '{document,cups}', cups)) between 2 and 4),
  add constraint two_cups_in_pairs check (
    (way = 'PAIRED') = (jsonb_array_length(coalesce(cups #> '{document,cups}', cups)) = 2));

-- Two devices do not overwrite each other's list of what is avoided.
alter table kitchen add column avoided_version integer not null default 1 check (avoided_version >= 1);

-- What was written is remembered for ninety days.
create index write_receipt_by_age on write_receipt (received_at);
