-- What of an order's cookies is handed over as one: [{name, count, each: {design: number}}].
alter table cookie_order add column bundles jsonb not null default '[]';
