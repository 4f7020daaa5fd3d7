-- A pot is tasted and measured, doses are tried in cups, and a table of tasters is asked.
alter table batch_event
  drop constraint batch_event_kind,
  add constraint batch_event_kind check (kind in ('READING_TAKEN', 'STRUCK_OUT', 'RESTORED',
    'SIMMER_STARTED', 'POURED', 'ADDED', 'LADLED_OUT', 'PIECES_TAKEN_OUT', 'SET_OTHERWISE',
    'TARGET_SET', 'STEP_DONE', 'FINISHED', 'TASTED', 'CUPS_TRIED'));

create table panel (
  id uuid primary key,
  batch_id uuid references batch,
  title text not null check (char_length(title) between 1 and 120),
  way text not null check (way in ('PAIRED', 'RANKING')),
  cups jsonb not null check (jsonb_array_length(cups) between 2 and 4),
  plan jsonb not null,
  opened_at timestamptz not null,
  closed_at timestamptz,
  check ((way = 'PAIRED') = (jsonb_array_length(cups) = 2)),
  check (closed_at >= opened_at)
);
create index panel_of_batch on panel (batch_id, opened_at desc);

-- A phone takes a seat once and answers once.
create table panel_seat (
  panel_id uuid not null references panel,
  seat integer not null check (seat between 1 and 24),
  device uuid not null,
  ranked jsonb,
  note text not null default '' check (char_length(note) <= 500),
  voted_at timestamptz,
  primary key (panel_id, seat),
  unique (panel_id, device),
  check ((ranked is null) = (voted_at is null))
);
