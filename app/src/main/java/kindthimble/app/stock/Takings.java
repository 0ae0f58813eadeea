package kindthimble.app.stock;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.tint.GelService;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What work takes off the shelf. Each taking is an entry of its own; putting it back is another one that names it, so that what went off the shelf for an
 * order, and when, can always be told. On the shelf itself amounts are moved by adding and subtracting: two that take at the same moment both count.
 */
@Component
public class Takings {
    /** Before the key of a gel, whose drops are taken. */
    public static final String GEL = "gel ";

    private static final TypeReference<Map<String, Double>> AMOUNTS = new TypeReference<>() {};

    private final ShelfService shelf;
    private final GelService gels;
    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    Takings(ShelfService shelf, GelService gels, JdbcTemplate jdbc, JsonMapper json) {
        this.shelf = shelf;
        this.gels = gels;
        this.jdbc = jdbc;
        this.json = json;
    }

    /**
     * What a step has taken, and has not been put back.
     *
     * @param id of the entry
     * @param step that took it
     * @param amounts by name: grams or pieces, drops of gels
     * @param wanted the same as the step wanted it; more than that where the shelf had less than there was
     */
    public record Taking(long id, long order, String step, Map<String, Double> amounts, Map<String, Double> wanted) {}

    /** What is off the shelf for some orders, by the step that took it. */
    public Map<String, Taking> standing(Collection<Long> orders) {
        Map<String, Taking> standing = new HashMap<>();
        jdbc.query(
                "select id, order_id, step, amounts::text, coalesce(wanted, amounts)::text from shelf_taking taking"
                        + " where order_id = any(?) and takes_back is null"
                        + " and not exists (select from shelf_taking back where back.takes_back = taking.id) order by id",
                row -> {
                    standing.put(
                            row.getString(3),
                            new Taking(
                                    row.getLong(1),
                                    row.getLong(2),
                                    row.getString(3),
                                    json.readValue(row.getString(4), AMOUNTS),
                                    json.readValue(row.getString(5), AMOUNTS)));
                },
                (Object) orders.toArray(Long[]::new));
        return standing;
    }

    /** Takes something off the shelf for a step: of what runs out the rest. */
    public void take(long order, String step, Map<String, Double> amounts) {
        enter(order, step, moved(amounts, -1), amounts, null);
    }

    /** Puts back what was taken: just that. */
    public void putBack(Taking taking) {
        enter(taking.order(), taking.step(), moved(taking.amounts(), 1), taking.wanted(), taking.id());
    }

    private void enter(
            long order, String step, Map<String, Double> amounts, Map<String, Double> wanted, Long takesBack) {
        jdbc.update(
                "insert into shelf_taking (order_id, step, amounts, wanted, takes_back) values (?, ?, ?::jsonb, ?::jsonb, ?)",
                order,
                step,
                json.writeValueAsString(amounts),
                json.writeValueAsString(wanted),
                takesBack);
    }

    /** @return what was there to be taken, or was put back */
    private Map<String, Double> moved(Map<String, Double> amounts, int sign) {
        Map<String, Double> moved = new TreeMap<>();
        amounts.forEach((name, amount) -> {
            double by = name.startsWith(GEL)
                    ? gels.move(name.substring(GEL.length()), sign * amount)
                    : shelf.move(name, sign * amount);
            moved.put(name, Math.abs(by));
        });
        return moved;
    }
}
