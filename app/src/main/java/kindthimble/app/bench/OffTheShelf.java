package kindthimble.app.bench;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.stock.Takings;
import kindthimble.core.bench.Happened;
import kindthimble.core.tint.Gel;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * What steps take off the shelf: mixing its ingredients, tinting its gels, bagging, packing and labelling bags, boxes and tags. A step takes once, when it is begun; where that
 * is undone, what it took goes back.
 */
@Component
class OffTheShelf {
    private final Takings takings;
    private final JdbcTemplate jdbc;

    OffTheShelf(Takings takings, JdbcTemplate jdbc) {
        this.takings = takings;
        this.jdbc = jdbc;
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
        Map<String, Takings.Taking> standing = takings.standing(happened.keySet());
        for (BenchView.Step step : steps) {
            if (!happened.containsKey(step.order())) {
                continue;
            }
            boolean isBegun = isBegun(step, happened);
            Takings.Taking before = standing.get(step.key());
            if (isBegun && before == null) {
                Map<String, Double> amounts = of(step);
                if (!amounts.isEmpty()) {
                    takings.take(step.order(), step.key(), amounts);
                }
            } else if (!isBegun && before != null) {
                takings.putBack(before);
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
                    .forEach(dose ->
                            amounts.merge(Takings.GEL + dose.gel(), dose.grams() / Gel.DROP_GRAMS, Double::sum));
        }
        return amounts;
    }
}
