-- Tubs of finished sauce with their history, and what went into a batch.

alter table stock add column code text check (char_length(code) between 1 and 60);

create table lot (
  id uuid primary key,
  code text not null unique check (code ~ '^[A-Z2-9]{5,8}$'),
  name text not null check (char_length(name) between 1 and 120),
  formula_id text not null,
  batch_id uuid references batch,
  keeping_id uuid references keeping,
  made_on date not null,
  kind jsonb not null,
  allergens text not null,
  put_kilograms double precision not null check (put_kilograms > 0 and put_kilograms <= 5000),
  mass_kilograms double precision not null check (mass_kilograms >= 0),
  tub_liters double precision not null check (tub_liters between 0.05 and 30),
  each_kilograms double precision not null check (each_kilograms > 0),
  place_id uuid not null references cold_place,
  frozen_on date,
  thawed_on date,
  wanted_at timestamptz,
  closed_at timestamptz,
  check (mass_kilograms <= put_kilograms + 1e-9),
  check (thawed_on is null or thawed_on >= frozen_on),
  check ((closed_at is not null) = (mass_kilograms = 0))
);
create index lot_open on lot (made_on) where closed_at is null;
create index lot_of_batch on lot (batch_id);
create index lot_of_formula on lot (formula_id) where closed_at is null;

create table lot_link (
  from_id uuid not null references lot,
  to_id uuid not null references lot,
  mass_kilograms double precision not null check (mass_kilograms > 0),
  primary key (from_id, to_id),
  check (from_id <> to_id)
);
create index lot_link_to on lot_link (to_id);

create table lot_event (
  lot_id uuid not null references lot,
  sequence integer not null check (sequence >= 1),
  id uuid not null unique,
  kind text not null check (kind in ('PUT_AWAY', 'MOVED', 'USED', 'SPLIT', 'MERGED', 'DISCARDED')),
  happened_at timestamptz not null,
  actor text not null,
  mass_kilograms double precision check (mass_kilograms > 0),
  batch_id uuid references batch,
  what text not null default '' check (char_length(what) <= 500),
  primary key (lot_id, sequence),
  check (kind <> 'DISCARDED' or what <> '')
);
create index lot_event_of_batch on lot_event (batch_id) where batch_id is not null;
create trigger lot_event_is_append_only
  before update or delete on lot_event
  for each row execute function refuse_change_of_keeping();

create table batch_source (
  id uuid primary key,
  batch_id uuid not null references batch,
  ingredient_id text not null,
  stock_id uuid references stock,
  code text not null check (char_length(code) between 1 and 60),
  written_at timestamptz not null,
  actor text not null
);
create index batch_source_of_batch on batch_source (batch_id);
create index batch_source_by_code on batch_source (lower(code));
create trigger batch_source_is_append_only
  before update or delete on batch_source
  for each row execute function refuse_change_of_keeping();
