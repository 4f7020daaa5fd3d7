-- A pot of which nobody says whether what was due is done is reckoned anew by itself.
alter table batch add column reckon_again_at timestamptz;
create index batch_reckon_again on batch (reckon_again_at) where status = 'SIMMERING';
comment on column batch.reckon_again_at is
  'When its forecast is to be reckoned anew though nobody wrote to it; null: never';
