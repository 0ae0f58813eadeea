alter table shop
    add column word_stiff  varchar(16) not null default 'stiff',
    add column word_piping varchar(16) not null default 'piping',
    add column word_medium varchar(16) not null default 'medium',
    add column word_flood  varchar(16) not null default 'flood',
    add column word_glaze  varchar(16) not null default 'glaze';

-- A recipe that is put away is offered no more; orders that take it keep it.
alter table base_recipe
    add column put_away boolean not null default false;
