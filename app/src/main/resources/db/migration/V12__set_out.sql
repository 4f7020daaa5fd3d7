-- Food that stands out to be served, by time alone. It may be anything that is cooked here: it has a name, and need not be weighed.

alter table keeping drop constraint keeping_kind_check;
alter table keeping add constraint keeping_kind_check check (kind in ('HOLD', 'COOLING', 'SET_OUT'));
alter table keeping alter column formula_id drop not null;
alter table keeping alter column mass_kilograms drop not null;
alter table keeping add constraint keeping_of_sauce
  check (kind = 'SET_OUT' or (formula_id is not null and mass_kilograms is not null));
alter table keeping add constraint keeping_set_out_is_not_kept check (kind <> 'SET_OUT' or closed_as is distinct from 'PUT_AWAY');
