package kindthimble.app.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.tint.GelService;
import kindthimble.core.bench.Happened;
import kindthimble.core.tint.Gel;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What steps take off the shelf: mixing its ingredients, tinting its gels, bagging, packing and labelling bags, boxes and tags. A step takes once, when it is begun; where that
 * is undone, what it took goes back.
 */
@Component
class OffTheShelf {
    private static final String GEL = "gel ";
    private static final TypeReference<Map<String, Double>> AMOUNTS = new TypeReference<>() {};

    private final ShelfService shelf;
    private final GelService gels;
    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    OffTheShelf(ShelfService shelf, GelService gels, JdbcTemplate jdbc, JsonMapper json) {
        this.shelf = shelf;
        this.gels = gels;
        this.jdbc = jdbc;
        this.json = json;
    }

    static boolean isBegun(BenchView.Step step, Map<Long, Happened> happened) {
        Happened.StepNow now =
                happened.getOrDefault(step.order(), Happened.NOTHING).steps().get(step.key());
        return now != null && now.begunAt() != null;
    }

    /** Until the transaction ends nobody else takes for this mixing. */
    void lock(long leading) {
        jdbc.query("select pg_advisory_xact_lock(?)", row -> {}, leading);
    }

    /** Takes for what is begun, and puts back for what is not any more. */
    void take(List<BenchView.Step> steps, Map<Long, Happened> happened) {
        Map<String, String> taken = new HashMap<>();
        happened.keySet()
                .forEach(order -> jdbc.query(
                        "select step, amounts::text from bench_taken where order_id = ?",
                        row -> {
                            taken.put(row.getString(1), row.getString(2));
                        },
                        order));
        for (BenchView.Step step : steps) {
            if (!happened.containsKey(step.order())) {
                continue;
            }
            boolean isBegun = isBegun(step, happened);
            String before = taken.get(step.key());
            if (isBegun && before == null) {
                Map<String, Double> amounts = of(step);
                if (!amounts.isEmpty()) {
                    jdbc.update(
                            "insert into bench_taken (step, order_id, amounts) values (?, ?, ?::jsonb)",
                            step.key(),
                            step.order(),
                            json.writeValueAsString(took(amounts, -1)));
                }
            } else if (!isBegun && before != null) {
                took(json.readValue(before, AMOUNTS), 1);
                jdbc.update("delete from bench_taken where step = ?", step.key());
            }
        }
    }

    private static Map<String, Double> of(BenchView.Step step) {
        Map<String, Double> amounts = new TreeMap<>();
        step.packaging().forEach(one -> amounts.merge(one.name(), (double) one.pieces(), Double::sum));
        for (BenchView.Line one : step.weighed()) {
            if (one.counted()) {
                amounts.merge(one.name(), one.grams(), Double::sum);
            }
        }
        if (step.mixed() != null && step.mixed().tint() != null) {
            step.mixed()
                    .tint()
                    .doses()
                    .forEach(dose -> amounts.merge(GEL + dose.gel(), dose.grams() / Gel.DROP_GRAMS, Double::sum));
        }
        return amounts;
    }

    /** @return what was there to be taken, or was put back: of what runs out the rest */
    private Map<String, Double> took(Map<String, Double> amounts, int sign) {
        Map<String, Double> took = new TreeMap<>();
        amounts.forEach((name, amount) -> {
            double moved = name.startsWith(GEL)
                    ? gels.move(name.substring(GEL.length()), sign * amount)
                    : shelf.move(name, sign * amount);
            took.put(name, Math.abs(moved));
        });
        return took;
    }
}
