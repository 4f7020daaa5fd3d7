-- A batch may follow whole cans downwards too: what was yes or no has three answers now. Other ways
-- are no longer kept with a plan: they were worked out for the moment of planning.
update batch set
  snapshot = jsonb_set(snapshot, '{inputs,buying}',
    (snapshot #> '{inputs,buying}') - 'whole' || jsonb_build_object('rounding',
      case when (snapshot #> '{inputs,buying,whole}')::boolean then 'UP' else 'EXACT' end)),
  planned = jsonb_set(planned, '{plan}', (planned -> 'plan') - 'sooner' - 'later')
where snapshot #> '{inputs,buying,whole}' is not null;
