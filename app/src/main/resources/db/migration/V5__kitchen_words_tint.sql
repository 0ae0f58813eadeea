alter table shop
    add column word_stiff  varchar(16) not null default 'stiff',
    add column word_piping varchar(16) not null default 'piping',
    add column word_medium varchar(16) not null default 'medium',
    add column word_flood  varchar(16) not null default 'flood',
    add column word_glaze  varchar(16) not null default 'glaze';

-- A recipe that is put away is offered no more; orders that take it keep it.
alter table base_recipe
    add column put_away boolean not null default false;

-- A light colour that is let down by weight from a darker one.
alter table palette_colour
    add column let_down_from varchar(80);

-- A bottle of gel: what it is like, what is in it, and what it costs. Its fit follows from its swatches.
create table gel (
    gel_key      varchar(60) primary key,
    name         varchar(60)      not null,
    reference    varchar(40)      not null,
    drops_left   double precision not null,
    bottle_drops double precision not null,
    price        double precision,
    position     integer          not null,
    removed_at   timestamp with time zone
);

-- What was seen of a gel: so many drops in so many grams of base, dried.
create table swatch (
    id         bigint generated always as identity primary key,
    gel_key    varchar(60)      not null references gel (gel_key),
    drops      double precision not null,
    grams      double precision not null,
    hex        varchar(7)       not null,
    noted_at   timestamp with time zone not null,
    removed_at timestamp with time zone
);
create index swatch_by_gel on swatch (gel_key);
