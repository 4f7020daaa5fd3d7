-- A pot that was lit by mistake with tubs is unlit again: the batch goes, and what was written of
-- its tubs stays, with what takes it back beside it. So an entry's batch must be there when the
-- entry is written, and no longer.
alter table lot_event drop constraint lot_event_batch_id_fkey;

create function require_batch_of_lot_event() returns trigger language plpgsql as $$
begin
  perform 1 from batch where id = new.batch_id for key share;
  if not found then
    raise foreign_key_violation using message = 'lot_event of a batch that is not there';
  end if;
  return new;
end $$;

create trigger lot_event_has_its_batch before insert on lot_event
  for each row when (new.batch_id is not null) execute function require_batch_of_lot_event();

-- What is cooked beside the pot comes over weighed.
alter table batch_event
  drop constraint batch_event_kind,
  add constraint batch_event_kind check (kind in ('READING_TAKEN', 'STRUCK_OUT', 'RESTORED',
    'SIMMER_STARTED', 'POURED', 'ADDED', 'LADLED_OUT', 'PIECES_TAKEN_OUT', 'CAME_OVER',
    'SET_OTHERWISE', 'TARGET_SET', 'STEP_DONE', 'FINISHED', 'TASTED', 'CUPS_TRIED'));
