-- The pot of model 2: vessels of any shape and metal, measured burners, more instruments, and events
-- that carry what happened in one shape.

alter table kitchen
  add column probe_error_kelvins double precision not null default 1
    check (probe_error_kelvins between 0.1 and 10),
  add column brix_error_fraction double precision not null default 0.003
    check (brix_error_fraction between 0.0005 and 0.05),
  add column plate_error_meters double precision not null default 0.003
    check (plate_error_meters between 0.0005 and 0.03),
  -- Bands of consistency end here, as solids.
  add column brothy_below_fraction double precision not null default 0.07,
  add column loose_below_fraction double precision not null default 0.09,
  add column coating_below_fraction double precision not null default 0.12,
  add column tight_below_fraction double precision not null default 0.15,
  add column very_tight_below_fraction double precision not null default 0.27,
  add constraint bands_rise check (0.05 < brothy_below_fraction
    and brothy_below_fraction < loose_below_fraction
    and loose_below_fraction < coating_below_fraction
    and coating_below_fraction < tight_below_fraction
    and tight_below_fraction < very_tight_below_fraction and very_tight_below_fraction <= 0.27);

alter table vessel
  add column shape text not null default 'ROUND' check (shape in ('ROUND', 'RECTANGULAR')),
  add column metal text not null default 'STAINLESS_STEEL' check (metal in ('STAINLESS_STEEL',
    'ENAMELLED_IRON', 'LINED_COPPER', 'COATED_ALUMINIUM', 'GLASS_OR_CLAY', 'BARE_ALUMINIUM',
    'BARE_COPPER', 'BARE_IRON')),
  add column lid boolean not null default true,
  add column oven_limit_celsius double precision check (oven_limit_celsius between 60 and 600);
-- Of a rectangular vessel these are length and width.
alter table vessel rename column base_diameter_meters to first_width_meters;
alter table vessel rename column base_diameter_text to first_width_text;
alter table vessel rename column top_diameter_meters to second_width_meters;
alter table vessel rename column top_diameter_text to second_width_text;

alter table heat_source
  add column measured_power_watts double precision check (measured_power_watts > 0),
  add constraint measured_within_label check (measured_power_watts <= label_power_watts);

alter table batch add column vessel_id uuid references vessel (id);
update batch set vessel_id = (snapshot #>> '{inputs,vessel,id}')::uuid;
alter table batch alter column vessel_id set not null;
create index batch_by_vessel on batch (vessel_id, ended_at desc);
-- A batch is never computed again by another model: what was on the stove is closed as it was shown.
update batch set status = 'FINISHED', ended_at = coalesce(planned_end, started_at),
  evaporation_factor = 1, note = 'Closed when Urn Stew was renewed while it simmered.'
where status = 'SIMMERING';

alter table batch_event disable trigger batch_event_is_append_only;
alter table batch_event add column payload jsonb;
update batch_event set payload = jsonb_strip_nulls(to_jsonb(batch_event)
  - array['batch_id', 'sequence', 'id', 'kind', 'happened_at', 'typed_at', 'sent_at',
    'received_at', 'actor', 'entered_text', 'reading_source', 'payload']);
alter table batch_event
  alter column payload set not null,
  drop constraint batch_event_kind_check, drop constraint batch_event_check,
  drop column gross_kilograms, drop column tare_kilograms, drop column gross_error_kilograms,
  drop column depth_meters, drop column depth_error_meters, drop column reading_id,
  drop column final_mass_kilograms, drop column note;
update batch_event set kind = case
  when kind in ('WEIGHED', 'DIPPED') then 'READING_TAKEN' else kind end;
alter table batch_event
  add constraint batch_event_kind check (kind in ('READING_TAKEN', 'STRUCK_OUT', 'RESTORED',
    'SIMMER_STARTED', 'POURED', 'ADDED', 'LADLED_OUT', 'SET_OTHERWISE', 'TARGET_SET', 'STEP_DONE',
    'FINISHED')),
  add constraint readings_have_a_source
    check ((kind = 'READING_TAKEN') = (reading_source is not null));
-- Not valid: what model 1 wrote is kept as it was.
alter table batch_event
  add constraint payload_is_of_its_kind
    check (payload ->> 'kind' = replace(initcap(replace(kind, '_', ' ')), ' ', '')) not valid,
  add constraint payload_has_what_its_kind_needs check (
    case kind
      when 'READING_TAKEN' then payload #> '{measurement,kind}' is not null
      when 'STRUCK_OUT' then payload ->> 'eventId' is not null
      when 'RESTORED' then payload ->> 'eventId' is not null
      when 'POURED' then (payload #>> '{mass,kilograms}')::double precision >= 0
      when 'ADDED' then (payload #>> '{mass,kilograms}')::double precision > 0
      when 'LADLED_OUT' then (payload #>> '{mass,kilograms}')::double precision > 0
      when 'SET_OTHERWISE' then payload #> '{setting,vessel}' is not null
      when 'TARGET_SET' then payload #> '{target,kind}' is not null
      else true
    end) not valid;
alter table batch_event enable trigger batch_event_is_append_only;
