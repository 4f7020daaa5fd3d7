-- What is told of a lot follows all that went into it. Lots of earlier releases have the words that
-- were printed, and no document: what they should say is reckoned, and told where it differs.
alter table lot add column declaration jsonb;

-- What a table tastes is declared to whoever sits down to it, without telling the cups apart.
alter table panel add column contains text not null default 'not known: what is in these cups'
  check (char_length(contains) between 1 and 4000);
