-- The logbook is searched by words and read by the newest.

create extension if not exists pg_trgm;

create index batch_finished on batch (ended_at desc, id) where status = 'FINISHED';
create index batch_found on batch
  using gin (lower(name || ' ' || vessel_name || ' ' || coalesce(note, '')) gin_trgm_ops)
  where status = 'FINISHED';
create index batch_of_vessel on batch (vessel_id, ended_at desc) where status = 'FINISHED';
