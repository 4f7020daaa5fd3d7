-- A meal that is cooked: its works as they were when it was started, what was said since, and how
-- the rest was planned each time.
create table service (
  id uuid primary key,
  meal_id uuid not null references meal,
  name text not null check (char_length(name) between 1 and 80),
  started_at timestamptz not null,
  ended_at timestamptz check (ended_at >= started_at),
  next_sequence integer not null check (next_sequence >= 1),
  setup jsonb not null
);
create unique index service_goes_on_once on service (meal_id) where ended_at is null;
create index service_by_start on service (started_at desc, id);

create table service_event (
  service_id uuid not null references service,
  sequence integer not null check (sequence >= 1),
  id uuid not null unique,
  happened_at timestamptz not null,
  typed_at timestamptz not null,
  received_at timestamptz not null,
  actor text not null,
  batch_id uuid,
  payload jsonb not null check (opened(payload) ->> 'kind' in ('Began', 'Ended', 'TakesLonger',
    'Expected', 'Wanted', 'LetGo', 'Moved', 'CookLeft', 'CookCame', 'Failed', 'Mended',
    'MealChanged', 'TakenBack')),
  primary key (service_id, sequence)
);
comment on column service_event.batch_id is
  'The pot that told it, also one that was unlit since; empty where somebody did';

create table service_plan (
  service_id uuid not null references service,
  number integer not null check (number >= 1),
  made_at timestamptz not null,
  basis text not null,
  plan jsonb not null,
  primary key (service_id, number)
);
comment on column service_plan.basis is 'Mark of all that it follows from';

create function refuse_change_of_service() returns trigger language plpgsql as $$
begin
  raise exception 'what was said of a service, or planned for it, is never changed or removed';
end $$;
create trigger service_event_is_append_only before update or delete on service_event
  for each row execute function refuse_change_of_service();
create trigger service_plan_is_append_only before update or delete on service_plan
  for each row execute function refuse_change_of_service();

create trigger noted after insert or update or delete on service
  for each row execute function note_change('services', 'id');
create trigger noted after insert or update or delete on service_event
  for each row execute function note_change('services', 'service_id');
create trigger noted after insert or update or delete on service_plan
  for each row execute function note_change('services', 'service_id');
