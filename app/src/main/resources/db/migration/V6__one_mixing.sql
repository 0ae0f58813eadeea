-- Orders whose icing is mixed together are one mixing, whichever of them is looked at. One of them leads; the others name it.
alter table cookie_order add column mixed_into bigint references cookie_order;

create temporary table together on commit drop as
with recursive pair as (
    select order_id as one, other_id as other from mixed_with
    union
    select other_id, order_id from mixed_with
), reached as (
    select one as start, one as node from pair
    union
    select reached.start, pair.other from reached join pair on pair.one = reached.node
), grouped as (
    select start as id, min(node) as group_id from reached group by start
)
select id, group_id,
       first_value(id) over (
           partition by group_id
           order by (select count(*) from mixing where mixing.order_id = grouped.id) desc,
                    (select count(*) from mixed_with where mixed_with.order_id = grouped.id) desc,
                    id
       ) as leader
from grouped;

update cookie_order set mixed_into = together.leader
from together where together.id = cookie_order.id and together.leader <> cookie_order.id;

-- One base and one allowance for all of a mixing: those of the order that leads.
update cookie_order o
set recipe = lead_order.recipe, extra_school = lead_order.extra_school, risk = lead_order.risk, flat_percent = lead_order.flat_percent
from cookie_order lead_order where lead_order.id = o.mixed_into;

-- It has been started once: what another of its orders had started alone is given up.
delete from mixing using cookie_order o where o.id = mixing.order_id and o.mixed_into is not null;

drop table mixed_with;
create index cookie_order_mixed_into on cookie_order (mixed_into);
