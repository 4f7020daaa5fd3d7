-- How this kitchen writes hours and numbers.
alter table kitchen
  add column hours text not null default 'H24' check (hours in ('H24', 'H12')),
  add column decimal_mark text not null default 'POINT' check (decimal_mark in ('POINT', 'COMMA'));
