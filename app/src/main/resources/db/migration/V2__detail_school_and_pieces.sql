alter table shop
    add column detail        varchar(20)      not null default 'OVERNIGHT',
    add column leaf_grams    double precision not null default 0.5,
    add column rosette_grams double precision not null default 1.2,
    add column star_grams    double precision not null default 0.4,
    add column flower_grams  double precision not null default 1.5;
