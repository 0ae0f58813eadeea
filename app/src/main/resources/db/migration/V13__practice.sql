-- Orders that are played in the practice kitchen: by which seed, how far their clock was put forward, and whether the play has begun their mixing.
create table practised (
    order_id      bigint  primary key references cookie_order on delete cascade,
    seed          bigint  not null,
    ahead_seconds bigint  not null,
    began_mixing  boolean not null
);

-- What was pressed while an order was played: marked, so that it teaches the shop nothing.
alter table bench_event add column practised boolean not null default false;
