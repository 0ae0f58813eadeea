-- What is said of an order's work on the clock, by the key of a task: when it is pinned, when it was done.
alter table cookie_order
    add column clock jsonb not null default '{}';
