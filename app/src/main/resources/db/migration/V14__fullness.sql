-- How many times as full as the plan's an order's coats are iced, as a trial cookie said; null for the plan's own.
alter table cookie_order add column fullness double precision;
