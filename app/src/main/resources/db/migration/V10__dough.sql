-- What an order is baked from; null for the shop's way.
alter table cookie_order
    add column dough       varchar(60),
    add column rolled_mm   double precision check (rolled_mm > 0),
    add column bare_spares integer check (bare_spares >= 0);
