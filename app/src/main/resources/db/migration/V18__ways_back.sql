-- A way back for half a minute from what is kept and from tubs.

-- In which pot it is; trays come in stacks, and what is set out stands nowhere.
alter table keeping
  add vessel_id uuid references vessel,
  add closed_by uuid;
alter table keeping_event add vessel_id uuid references vessel;
update keeping set vessel_id = o.vessel_id from occupancy o where o.holder_id = keeping.id;

-- A lot that was never meant stays as a row, for what was written about it; nothing is in it.
alter table lot
  add taken_back boolean not null default false,
  add check (not taken_back or (mass_kilograms = 0 and closed_at is not null));

-- How it stood before an entry, and which entry one takes back.
alter table lot_event
  drop constraint lot_event_kind_check,
  add constraint lot_event_kind_check check (kind in
    ('PUT_AWAY', 'MOVED', 'USED', 'SPLIT', 'MERGED', 'DISCARDED', 'TAKEN_BACK')),
  add before_kilograms double precision check (before_kilograms >= 0),
  add before_place_id uuid references cold_place,
  add before_frozen_on date,
  add before_thawed_on date,
  add takes_back uuid unique references lot_event (id),
  add check ((kind = 'TAKEN_BACK') = (takes_back is not null));

create view lot_event_standing as
  select * from lot_event e
  where takes_back is null
    and not exists (select 1 from lot_event t where t.takes_back = e.id);
