-- What was pressed at the bench. Rows are only ever added; what is so now is worked out from all of them.
create table bench_event (
    seq      bigint generated always as identity primary key,
    id       varchar(60)  not null unique,
    order_id bigint       not null references cookie_order on delete cascade,
    at       timestamptz  not null,
    device   varchar(60)  not null,
    what     varchar(20)  not null,
    step     varchar(160) not null,
    amount   double precision not null,
    words    varchar(200) not null
);

create index bench_event_of_order on bench_event (order_id, seq);

-- What a step that was begun has taken off the shelf, so that undo puts the same back.
create table bench_taken (
    step     varchar(160) primary key,
    order_id bigint not null references cookie_order on delete cascade,
    amounts  jsonb  not null
);
