-- Beside each size in SI stands the text as it was entered; empty where nothing was typed.
create table kitchen (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  altitude_meters double precision not null check (altitude_meters between -450 and 5000),
  altitude_text text not null,
  room_celsius double precision not null check (room_celsius between -20 and 60),
  relative_humidity double precision not null check (relative_humidity between 0 and 1),
  zone text not null,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  units text not null check (units in ('METRIC', 'US')),
  pint text not null check (pint in ('US', 'IMPERIAL')),
  scale_error_kilograms double precision not null check (scale_error_kilograms between 0.0001 and 1),
  scale_error_text text not null,
  dip_error_meters double precision not null check (dip_error_meters between 0.0002 and 0.05),
  dip_error_text text not null,
  demo boolean not null,
  version integer not null check (version >= 1)
);
-- One installation serves one kitchen.
create unique index only_one_kitchen on kitchen ((true));

create table vessel (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  base_diameter_meters double precision not null check (base_diameter_meters between 0.05 and 1.5),
  base_diameter_text text not null,
  top_diameter_meters double precision not null check (top_diameter_meters between 0.05 and 1.5),
  top_diameter_text text not null,
  depth_meters double precision not null check (depth_meters between 0.02 and 1.5),
  depth_text text not null,
  empty_mass_kilograms double precision not null check (empty_mass_kilograms between 0 and 200),
  empty_mass_text text not null,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

create table heat_source (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  kind text not null check (kind in ('GAS', 'RADIANT', 'INDUCTION')),
  label_power_watts double precision not null check (label_power_watts between 100 and 60000),
  label_power_text text not null,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

-- The state row of a batch; its history is in batch_event.
create table batch (
  id uuid primary key,
  name text not null,
  vessel_name text not null,
  status text not null check (status in ('SIMMERING', 'FINISHED')),
  started_at timestamptz not null,
  time_scale integer not null check (time_scale between 1 and 600),
  next_sequence integer not null check (next_sequence >= 1),
  model_version text not null,
  snapshot jsonb not null,
  planned jsonb not null,
  forecast jsonb not null,
  started_by text not null,
  planned_end timestamptz,
  planned_mass_kilograms double precision not null check (planned_mass_kilograms > 0),
  ended_at timestamptz,
  final_mass_kilograms double precision check (final_mass_kilograms > 0),
  evaporation_factor double precision,
  note text,
  check ((status = 'FINISHED') = (ended_at is not null)),
  check ((status = 'FINISHED') = (evaporation_factor is not null))
);
create index batch_by_status on batch (status, started_at desc);

create table batch_event (
  batch_id uuid not null references batch (id),
  sequence integer not null check (sequence >= 1),
  id uuid not null unique,
  kind text not null check (kind in ('WEIGHED', 'DIPPED', 'STRUCK_OUT', 'RESTORED', 'SIMMER_STARTED', 'FINISHED')),
  happened_at timestamptz not null,
  typed_at timestamptz not null,
  sent_at timestamptz not null,
  received_at timestamptz not null,
  actor text not null,
  entered_text text,
  reading_source text check (reading_source in ('TYPED', 'INSTRUMENT')),
  gross_kilograms double precision check (gross_kilograms > 0),
  tare_vessel_id uuid references vessel (id),
  tare_kilograms double precision check (tare_kilograms >= 0),
  gross_error_kilograms double precision check (gross_error_kilograms > 0),
  depth_meters double precision check (depth_meters >= 0),
  depth_error_meters double precision check (depth_error_meters > 0),
  reading_id uuid references batch_event (id),
  final_mass_kilograms double precision check (final_mass_kilograms > 0),
  note text,
  primary key (batch_id, sequence),
  check ((kind in ('WEIGHED', 'DIPPED')) = (reading_source is not null)),
  check (kind <> 'WEIGHED' or (gross_kilograms is not null and tare_kilograms is not null
    and gross_error_kilograms is not null)),
  check (kind <> 'DIPPED' or (depth_meters is not null and depth_error_meters is not null)),
  check ((kind in ('STRUCK_OUT', 'RESTORED')) = (reading_id is not null))
);

create function refuse_change_of_history() returns trigger language plpgsql as $$
begin
  raise exception 'batch events are never changed or removed';
end $$;
create trigger batch_event_is_append_only
  before update or delete on batch_event
  for each row execute function refuse_change_of_history();

-- What was answered to a write, so that the same write sent again gets the same answer.
create table write_receipt (
  id uuid primary key,
  scope text not null,
  fingerprint text not null,
  answer jsonb,
  received_at timestamptz not null
);
