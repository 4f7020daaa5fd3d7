-- What a stage looked like when it was done: in words, in a photo, or in both.

create table stage_note (
  id uuid primary key,
  batch_id uuid not null references batch (id),
  stage text not null check (stage <> ''),
  note text not null,
  photo bytea check (octet_length(photo) between 1 and 2097152),
  noted_at timestamptz not null,
  noted_by text not null,
  check (photo is not null or note <> '')
);
alter table stage_note alter column photo set storage external;
create index stage_note_of_batch on stage_note (batch_id, noted_at);
create index stage_note_latest on stage_note (noted_at desc);
