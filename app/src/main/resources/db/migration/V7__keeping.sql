-- Rule sets of the kitchen's own, cold places, and what is held hot or cooled.

create table own_rule_set (
  id text primary key check (id ~ '^[a-z0-9-]{1,60}$'),
  name text not null check (char_length(name) between 1 and 80),
  basis text not null,
  made_at timestamptz not null
);

create table rule_change (
  rule_set_id text not null references own_rule_set,
  sequence integer not null check (sequence >= 1),
  limit_key text not null,
  value double precision not null,
  reason text not null check (char_length(reason) between 5 and 500),
  changed_at timestamptz not null,
  changed_by text not null,
  primary key (rule_set_id, sequence)
);

create table rule_set_in_force (
  only_one boolean primary key default true check (only_one),
  rule_set_id text not null
);

create table cold_place (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  kind text not null check (kind in ('STILL_REFRIGERATOR', 'FAN_REFRIGERATOR', 'BLAST_CHILLER', 'FREEZER')),
  celsius double precision not null check (celsius between -60 and 15),
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

create table keeping (
  id uuid primary key,
  kind text not null check (kind in ('HOLD', 'COOLING')),
  name text not null check (char_length(name) between 1 and 120),
  batch_id uuid references batch,
  formula_id text not null,
  mass_kilograms double precision not null check (mass_kilograms > 0 and mass_kilograms <= 5000),
  started_at timestamptz not null,
  start jsonb not null,
  next_sequence integer not null check (next_sequence >= 1),
  closed_at timestamptz,
  closed_as text check (closed_as in ('PUT_AWAY', 'SERVED', 'DISCARDED')),
  reason text not null default '' check (char_length(reason) <= 500),
  check ((closed_at is null) = (closed_as is null)),
  check (closed_as is distinct from 'DISCARDED' or reason <> '')
);
create index keeping_open on keeping (started_at) where closed_at is null;
create index keeping_of_batch on keeping (batch_id, started_at);

create table keeping_event (
  keeping_id uuid not null references keeping,
  sequence integer not null check (sequence >= 1),
  id uuid not null unique,
  happened_at timestamptz not null,
  typed_at timestamptz not null,
  received_at timestamptz not null,
  actor text not null,
  entered_text text not null default '',
  payload jsonb not null check (payload ->> 'kind' in ('Read', 'Placed', 'Stirred', 'Reheated', 'ToppedUp', 'StruckOut')),
  primary key (keeping_id, sequence)
);

create function refuse_change_of_keeping() returns trigger language plpgsql as $$
begin
  raise exception 'what was written of a rule set or of something kept is never changed or removed';
end $$;
create trigger keeping_event_is_append_only
  before update or delete on keeping_event
  for each row execute function refuse_change_of_keeping();
create trigger rule_change_is_append_only
  before update or delete on rule_change
  for each row execute function refuse_change_of_keeping();
