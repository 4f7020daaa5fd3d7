-- Tubs of a batch that was stopped before it was done: somebody goes on with them.
alter table lot add column unfinished boolean not null default false;
comment on column lot.unfinished is 'Not done yet; what is still to come stands in its batch';
