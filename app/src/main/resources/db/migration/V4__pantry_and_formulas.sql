-- The kitchen's own ingredients and formulas, what it avoids, and what is in stock. Shipped rows are
-- never in the database: a release may better them.

create table own_ingredient (
  id text primary key check (id ~ '^[a-z0-9-]{1,60}$'),
  document jsonb not null,
  priced_on date,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

create table avoided (
  kind text not null check (kind in ('ALLERGEN', 'TRAIT', 'INGREDIENT')),
  key text not null,
  primary key (kind, key)
);

create table stock (
  id uuid primary key,
  ingredient_id text not null,
  mass_kilograms double precision not null check (mass_kilograms > 0 and mass_kilograms <= 5000),
  mass_text text not null,
  opened_on date,
  use_by date,
  note text not null,
  gone boolean not null default false,
  version integer not null check (version >= 1),
  check (opened_on is null or use_by is not null)
);
create index stock_by_date on stock (use_by) where not gone;

-- A meal of several formulas, for which one shopping list and one mise en place are made.
create table meal (
  id uuid primary key,
  name text not null check (char_length(name) between 1 and 80),
  document jsonb not null,
  changed_at timestamptz not null,
  retired boolean not null default false,
  version integer not null check (version >= 1)
);

-- Which formulas the kitchen wrote itself, and which shipped ones it put away.
create table formula_shelf (
  id text primary key check (char_length(id) between 1 and 60),
  latest integer not null check (latest >= 0),
  retired boolean not null default false
);

create table formula_version (
  formula_id text not null references formula_shelf (id),
  version integer not null check (version >= 1),
  document jsonb not null,
  note text not null,
  made_at timestamptz not null,
  made_by text not null,
  primary key (formula_id, version)
);

create function refuse_change_of_formulas() returns trigger language plpgsql as $$
begin
  raise exception 'versions of a formula are never changed or removed';
end $$;
create trigger formula_version_is_immutable
  before update or delete on formula_version
  for each row execute function refuse_change_of_formulas();

-- A ladle is of one weight for stock and of another for beans: a measure may belong to an ingredient.
alter table kitchen_measure add column ingredient_id text;
drop index measure_by_name;
create unique index measure_by_name
  on kitchen_measure (name, coalesce(ingredient_id, '')) where not retired;

-- Batches already started bring along what an ingredient, a stage and a need say by now.
create function ingredient_of_release_4(was jsonb) returns jsonb language sql immutable as $$
  select was - 'spoonDensity' - 'piece' - 'packs' - 'source' || jsonb_build_object(
    'kind', case when was ->> 'id' like '%tomato%' then 'TOMATO' else 'OTHER' end,
    'taste', '{"sugarsKilograms": 0, "potassiumKilograms": 0, "citricKilograms": 0, "malicKilograms": 0, "aceticKilograms": 0, "lacticKilograms": 0, "glutamateKilograms": 0, "impKilograms": 0, "gmpKilograms": 0}'::jsonb,
    'measuring', jsonb_build_object(
      'spoonDensity', was -> 'spoonDensity',
      'piece', case when jsonb_typeof(was -> 'piece') = 'object'
        then jsonb_build_object('name', was #> '{piece,name}', 'mass', was #> '{piece,net}') end,
      'alsoCalled', '[]'::jsonb),
    'buying', jsonb_build_object('edibleShare', 1, 'packs', (
      select coalesce(jsonb_agg(pack || '{"loose": false, "price": null}'), '[]')
      from jsonb_array_elements(was -> 'packs') pack)),
    'labelling', '{"allergens": [], "traits": [], "sulphitesMilligramsPerKilogram": 0}'::jsonb,
    'provenance', jsonb_build_object('source', was -> 'source', 'rangeShare', 0, 'saltRangeShare', 0,
      'notes', '[]'::jsonb))
$$;

create function stage_of_release_4(was jsonb) returns jsonb language sql immutable as $$
  select was - 'readyCue' - 'tooFarCue' || jsonb_build_object(
    'heat', '{"level": "MEDIUM", "oven": null}'::jsonb, 'lid', 'OFF',
    'cues', jsonb_build_object('ready', was -> 'readyCue', 'tooFar', was -> 'tooFarCue', 'thenDo', ''),
    'takeOuts', '[]'::jsonb, 'caution', '', 'pause', '', 'school', null,
    'lines', (
      select coalesce(jsonb_agg(line || '{"entered": "", "firstDose": {"value": 1}, "school": null}'
        order by place), '[]')
      from jsonb_array_elements(was -> 'lines') with ordinality as lines (line, place)))
$$;

create function formula_of_release_4(was jsonb) returns jsonb language sql immutable as $$
  select jsonb_build_object(
    'formula', (was -> 'formula') || jsonb_build_object(
      'family', 'PLAIN', 'uses', '["DRY_PASTA"]'::jsonb, 'choices', '[]'::jsonb,
      'stages', (
        select jsonb_agg(stage_of_release_4(stage) order by place)
        from jsonb_array_elements(was #> '{formula,stages}') with ordinality as stages (stage, place))),
    'portions', (
      select jsonb_agg(portion || jsonb_build_object(
          'ingredient', ingredient_of_release_4(portion -> 'ingredient'),
          'firstDose', '{"value": 1}'::jsonb, 'keptShare', 1,
          'stage', (
            select coalesce(min(s.at) - 1, 0)
            from jsonb_array_elements(was #> '{formula,stages}') with ordinality as s (stage, at)
            where s.stage ->> 'title' = portion ->> 'stageTitle')) order by place)
      from jsonb_array_elements(was -> 'portions') with ordinality as portions (portion, place)))
$$;

update batch set snapshot = jsonb_set(snapshot, '{inputs}',
    (snapshot -> 'inputs') - 'wholePacks' || jsonb_build_object(
      'formula', formula_of_release_4(snapshot #> '{inputs,formula}'),
      'need', (snapshot #> '{inputs,need}') || '{"onTheTable": {"value": 0}, "holdLoss": {"value": 0}}',
      'buying', jsonb_build_object('whole', snapshot #> '{inputs,wholePacks}', 'goal', 'LEAST_COST'))),
  planned = jsonb_set(planned, '{plan}', (planned -> 'plan') || jsonb_build_object(
    'purchases', '[]'::jsonb, 'cost', null,
    'declaration', '{"allergens": [], "diets": [], "sulphitesMilligramsPerKilogram": 0}'::jsonb,
    'amounts', (
      select jsonb_agg(amount - 'packs' || jsonb_build_object('firstDoseKilograms',
        amount -> 'massKilograms') order by place)
      from jsonb_array_elements(planned #> '{plan,amounts}') with ordinality as amounts (amount, place))))
where model_version = '2' and snapshot #> '{inputs,wholePacks}' is not null;

drop function formula_of_release_4(jsonb);
drop function stage_of_release_4(jsonb);
drop function ingredient_of_release_4(jsonb);
