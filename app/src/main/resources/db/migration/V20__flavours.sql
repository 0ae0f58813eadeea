-- What is stirred into the bowl of one colour alone, as the core writes it: {name, percent, waterPercent, colours}.
alter table palette_colour add column flavour jsonb;

-- Left-over icing tastes of what was stirred into it.
alter table jar add column flavour varchar(40);
