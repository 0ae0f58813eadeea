package kindthimble.app.order;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import jakarta.persistence.Tuple;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.core.design.Design;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The orders of years: looked for, counted by days, put away, copied; and what was removed lately. Each question is one statement. */
@Service
@Transactional
public class AllOrders {
    /** So many on a page. */
    public static final int PAGE = 50;

    private static final String BETWEEN = "\u001f";

    private static final String LIST = """
            select o.id, o.name, o.client, o.hand_over, o.archived_at is not null as archived,
                   (select coalesce(sum(d.count), 0) from design d
                     where d.order_id = o.id and d.removed_at is null) as cookies,
                   (select string_agg(d.document ->> 'name', :between order by d.position, d.id) from design d
                     where d.order_id = o.id and d.removed_at is null) as designs,
                   (select string_agg(p.hex, :between order by p.position) from palette_colour p
                     where p.order_id = o.id) as hexes,
                   count(*) over () as total
              from cookie_order o
             where o.removed_at is null
               and (o.archived_at is not null) = :archived
               and (:text = '' or lower(o.name) like :like or lower(o.client) like :like
                    or exists (select 1 from design d where d.order_id = o.id and d.removed_at is null
                                  and lower(d.document ->> 'name') like :like)
                    or exists (select 1 from palette_colour p where p.order_id = o.id and lower(p.name) like :like))
               and o.hand_over >= :from and o.hand_over < :to
             order by %s
             limit :most offset :skip
            """;

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final OrderRows rows;
    private final EntityManager entities;
    private final Clock clock;

    AllOrders(OrderRepository orders, DesignRepository designs, OrderRows rows, EntityManager entities, Clock clock) {
        this.orders = orders;
        this.designs = designs;
        this.rows = rows;
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * A page of the orders that are looked for.
     *
     * @param total of all pages
     */
    public record Page(int total, List<Listed> orders) {}

    @Transactional(readOnly = true)
    public Page list(Wanted wanted) {
        String text = wanted.text().strip().toLowerCase(Locale.ROOT);
        LocalDate from =
                wanted.month() == null ? LocalDate.of(1, 1, 1) : wanted.month().atDay(1);
        LocalDate to = wanted.month() == null
                ? LocalDate.of(9999, 1, 1)
                : wanted.month().plusMonths(1).atDay(1);
        Query query = entities.createNativeQuery(LIST.formatted(wanted.sort().columns()), Tuple.class)
                .setParameter("between", BETWEEN)
                .setParameter("archived", wanted.archived())
                .setParameter("text", text)
                .setParameter("like", "%" + text.replaceAll("([\\\\%_])", "\\\\$1") + "%")
                .setParameter("from", from.atStartOfDay())
                .setParameter("to", to.atStartOfDay())
                .setParameter("most", PAGE)
                .setParameter("skip", wanted.page() * PAGE);
        List<Tuple> found = tuples(query);
        return new Page(
                found.isEmpty() ? 0 : found.get(0).get("total", Long.class).intValue(),
                found.stream().map(AllOrders::listed).toList());
    }

    private static Listed listed(Tuple row) {
        return new Listed(
                row.get("id", Long.class),
                row.get("name", String.class),
                row.get("client", String.class),
                time(row.get("hand_over")),
                row.get("cookies", Number.class).intValue(),
                split(row.get("designs", String.class)),
                split(row.get("hexes", String.class)),
                row.get("archived", Boolean.class));
    }

    private static List<String> split(String joined) {
        return joined == null ? List.of() : Arrays.asList(joined.split(BETWEEN));
    }

    private static LocalDateTime time(Object column) {
        return column instanceof Timestamp stamp ? stamp.toLocalDateTime() : (LocalDateTime) column;
    }

    /** Orders handed over from a day on, before another one: with their designs, by hand-over. */
    @Transactional(readOnly = true)
    public List<Kept> between(LocalDate from, LocalDate before) {
        return rows.kept(orders.between(from.atStartOfDay(), before.atStartOfDay()));
    }

    /** How many orders are handed over on each day on which there are some. */
    @Transactional(readOnly = true)
    public Map<LocalDate, Integer> days(LocalDate from, LocalDate before) {
        Map<LocalDate, Integer> days = new TreeMap<>();
        orders.handOvers(from.atStartOfDay(), before.atStartOfDay())
                .forEach(at -> days.merge(at.toLocalDate(), 1, Integer::sum));
        return days;
    }

    /** The next that is handed over, and how many are from then on; none when there is none. */
    @Transactional(readOnly = true)
    public Page ahead(LocalDate today) {
        List<OrderSummary> ahead = orders.summaries().stream()
                .filter(order ->
                        !order.archived() && !order.handOver().toLocalDate().isBefore(today))
                .toList();
        return new Page(
                ahead.size(),
                ahead.stream()
                        .limit(1)
                        .map(order -> rows.stored(order.id()))
                        .map(order -> new Listed(
                                order.id(),
                                order.details().name(),
                                order.details().client(),
                                order.details().handOver(),
                                rows.designsOf(order.id()).stream()
                                        .mapToInt(DesignEntity::count)
                                        .sum(),
                                List.of(),
                                List.of(),
                                false))
                        .toList());
    }

    /** The latest of all, the newest hand-over first. */
    @Transactional(readOnly = true)
    public List<Kept> latest(int most) {
        return rows.kept(orders.latest(most));
    }

    /** Puts an order away: it is found among those put away, and nowhere else. Or brings it back. */
    public void archive(long id, boolean away) {
        OrderEntity order = rows.locked(id);
        order.archive(away ? clock.instant() : null);
        rows.touch(order);
    }

    /**
     * A new order with the designs, counts, colours and notes of another one.
     *
     * @param name of the new one
     * @param handOver of the new one
     * @return its number
     */
    public long copy(long id, String name, LocalDateTime handOver) {
        OrderEntity order = rows.stored(id);
        OrderEntity copy = orders.saveAndFlush(new OrderEntity(
                order.details().named(name).at(handOver).forAnother().checked()));
        Map<String, String> numbers = new HashMap<>();
        for (DesignEntity design : rows.designsOf(id)) {
            DesignEntity own = designs.saveAndFlush(
                    new DesignEntity(copy.id(), design.position(), design.count(), design.document()));
            numbers.put(Long.toString(design.id()), Long.toString(own.id()));
        }
        copy.set(copy.details().renumbered(numbers::get));
        orders.saveAndFlush(copy);
        rows.touch(copy);
        return copy.id();
    }

    /**
     * Something that was removed and can be brought back.
     *
     * @param order its number, or that of the order that it belongs to
     * @param design its number; 0 for an order
     * @param name of it
     * @param orderName of the order
     * @param at when it was removed
     */
    public record Removed(long order, long design, String name, String orderName, Instant at) {}

    /** Orders and designs that were removed in the last thirty days, the latest first. */
    @Transactional(readOnly = true)
    public List<Removed> removed() {
        Instant since = clock.instant().minus(History.KEPT);
        List<Removed> all = new ArrayList<>(orders.removedOrders(since));
        orders.removedDesigns(since)
                .forEach(row -> all.add(new Removed(
                        (Long) row[0], (Long) row[1], ((Design) row[2]).name(), (String) row[3], (Instant) row[4])));
        all.sort(Comparator.comparing(Removed::at).reversed());
        return all;
    }

    /** Brings an order back. */
    public void restore(long id) {
        OrderEntity order = orders.findById(id).orElseThrow(() -> new NotThere("order"));
        order.restore();
        rows.touch(order);
    }

    @SuppressWarnings("unchecked") // the library's own signature is raw
    private static List<Tuple> tuples(Query query) {
        return query.getResultList();
    }
}
