package kindthimble.app.dough;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Planner;
import kindthimble.app.shop.ShopService;
import kindthimble.core.bench.Happened;
import kindthimble.core.words.Refused;
import kindthimble.core.work.DoughTasks;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** An order's dough making by making: what was begun at the bench, as it was wanted then, and what is still to be made. */
@Component
@Transactional(readOnly = true, noRollbackFor = Refused.class)
public class DoughMakings {
    /** As often as dough can be made more of for one order. */
    private static final int MOST = 40;

    private final Planner planner;
    private final BenchLog log;
    private final ShopService shop;

    DoughMakings(Planner planner, BenchLog log, ShopService shop) {
        this.planner = planner;
        this.log = log;
        this.shop = shop;
    }

    /** Of dough that was begun without a word of how much it was. */
    public static final double NOT_SAID = 0;

    /**
     * What was begun, in grams; {@link #NOT_SAID} where that is not known.
     *
     * @return by order, those of which something was; by number of the making
     */
    public Map<Long, Map<Integer, Double>> begun(Collection<Long> orders) {
        Map<Long, Map<Integer, Double>> begun = new TreeMap<>();
        log.happened(orders).forEach((order, now) -> {
            Map<Integer, Double> own = begun(order, now);
            if (!own.isEmpty()) {
                begun.put(order, own);
            }
        });
        return begun;
    }

    private static Map<Integer, Double> begun(long order, Happened now) {
        Map<Integer, Double> begun = new TreeMap<>();
        for (int nth = 0; nth < MOST; nth++) {
            Happened.StepNow step = now.steps().get(DoughTasks.key(order, nth));
            if (step != null && step.begunAt() != null) {
                begun.put(nth, step.begunGrams());
            }
        }
        return begun;
    }

    /**
     * At least one making, of nothing where nothing is baked.
     *
     * @throws Refused when a design can't be measured
     */
    public List<DoughView> of(Kept order) {
        return of(order, begun(List.of(order.id())).getOrDefault(order.id(), Map.of()));
    }

    /**
     * The same where it is known what was begun.
     *
     * @throws Refused when a design can't be measured
     */
    public List<DoughView> of(Kept order, Map<Integer, Double> begun) {
        DoughView whole = planner.dough(order);
        double said = begun.values().stream().mapToDouble(made -> made).sum();
        double rest = Math.max(0, whole.dough().grams() - said);
        Map<Integer, Double> grams = new TreeMap<>();
        // Where it was not said how much it was, it was all that was wanted beside the rest.
        boolean isSaid = true;
        for (Map.Entry<Integer, Double> one : begun.entrySet()) {
            boolean isRest = one.getValue() <= NOT_SAID && isSaid;
            grams.put(one.getKey(), isRest ? rest : one.getValue());
            isSaid &= !isRest;
        }
        return whole.dough().makings(grams, whole.recipe(), shop.settings().habits()).stream()
                .map(whole::of)
                .toList();
    }
}
