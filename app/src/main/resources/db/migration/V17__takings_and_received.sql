-- When a press came in: the clock of a device may be wrong.
alter table bench_event add column received timestamptz;
update bench_event set received = at;
alter table bench_event alter column received set not null;

-- What steps took off the shelf, and what of that was put back: rows are only ever added. What is put back is an entry of its own that
-- names the one it takes back, and each is taken back once.
create table shelf_taking (
    id         bigint generated always as identity primary key,
    order_id   bigint       not null references cookie_order on delete cascade,
    step       varchar(160) not null,
    amounts    jsonb        not null,
    takes_back bigint unique references shelf_taking on delete cascade,
    at         timestamptz  not null default now()
);

create index shelf_taking_of_order on shelf_taking (order_id, id);

insert into shelf_taking (order_id, step, amounts)
select order_id, step, amounts
from bench_taken;

drop table bench_taken;
