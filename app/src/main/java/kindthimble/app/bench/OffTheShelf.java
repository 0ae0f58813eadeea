package kindthimble.app.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.app.stock.Takings;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.bench.TopUp;
import kindthimble.core.pour.Making;
import kindthimble.core.tint.Gel;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * What steps take off the shelf: mixing its ingredients, tinting its gels, bagging, packing and labelling bags, boxes and tags; and what tops bags up. A step takes once, when it is begun; where that
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

    /** Before the id of the press that topped a bag up. */
    private static final String TOPPED_UP = "topped up ";

    /** Takes for what is begun, and for bags that were topped up; puts back what is not so any more. */
    void take(
            List<BenchView.Step> steps,
            List<BenchView.Bag> bags,
            Map<Long, Happened> happened,
            List<BenchEvent> pressed) {
        Map<String, Takings.Taking> standing = takings.standing(happened.keySet());
        for (BenchView.Step step : steps) {
            if (happened.containsKey(step.order())) {
                settle(step.order(), step.key(), isBegun(step, happened) ? of(step) : null, standing);
            }
        }
        Set<String> toppedUp = new HashSet<>();
        for (BenchEvent event : Happened.standing(pressed)) {
            if (event.what() == BenchEvent.Pressed.ADDED) {
                bags.stream()
                        .filter(bag -> bag.key().equals(event.words()) && bag.making() != null)
                        .findFirst()
                        .ifPresent(bag -> {
                            String key = TOPPED_UP + event.id();
                            toppedUp.add(key);
                            settle(order(event), key, of(bag.making(), event.amount()), standing);
                        });
            }
        }
        standing.values().stream()
                .filter(taking -> taking.step().startsWith(TOPPED_UP) && !toppedUp.contains(taking.step()))
                .forEach(takings::putBack);
    }

    private static long order(BenchEvent event) {
        return Long.parseLong(event.step().substring(0, event.step().indexOf(' ')));
    }

    /** @param amounts that something takes; null where it takes nothing any more */
    private void settle(long order, String key, Map<String, Double> amounts, Map<String, Takings.Taking> standing) {
        Takings.Taking before = standing.get(key);
        if (amounts == null && before != null) {
            takings.putBack(before);
        } else if (amounts != null && before == null && !amounts.isEmpty()) {
            takings.take(order, key, amounts);
        }
    }

    private static Map<String, Double> of(BenchView.Making making, double grams) {
        TopUp made = TopUp.of(
                grams,
                making.keepsGrams(),
                new Making(making.base(), making.water(), making.sugar(), making.gel(), making.flavour()));
        Map<String, Double> amounts = new TreeMap<>();
        making.weighed().stream()
                .filter(BenchView.Line::counted)
                .forEach(line -> amounts.merge(line.name(), line.grams() * made.baseGrams(), Double::sum));
        if (made.sugarGrams() > 0 && !making.sugarName().isEmpty()) {
            amounts.merge(making.sugarName(), made.sugarGrams(), Double::sum);
        }
        if (made.flavourGrams() > 0) {
            amounts.merge(making.flavourName(), made.flavourGrams(), Double::sum);
        }
        making.doses()
                .forEach(dose -> amounts.merge(
                        Takings.GEL + dose.gel(), dose.grams() * made.baseGrams() / Gel.DROP_GRAMS, Double::sum));
        return amounts;
    }

    private static Map<String, Double> of(BenchView.Step step) {
        Map<String, Double> amounts = new TreeMap<>();
        step.packaging().forEach(one -> amounts.merge(one.name(), (double) one.pieces(), Double::sum));
        for (BenchView.Line one : step.weighed()) {
            if (one.counted()) {
                amounts.merge(one.name(), one.grams(), Double::sum);
            }
        }
        if (step.mixed() != null && !step.mixed().sugar().isEmpty()) {
            amounts.merge(step.mixed().sugar(), step.mixed().sugarGrams(), Double::sum);
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
