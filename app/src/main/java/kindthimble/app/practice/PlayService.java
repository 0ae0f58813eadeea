package kindthimble.app.practice;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.app.bench.BenchService;
import kindthimble.app.bench.BenchView;
import kindthimble.app.device.ScalePan;
import kindthimble.app.device.Scales;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.happened.Practising;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Planner;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.TintService;
import kindthimble.app.tint.TintView;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.practice.PracticeKitchen;
import kindthimble.core.practice.PracticeKitchen.Mishap;
import kindthimble.core.practice.Truth;
import kindthimble.core.tint.Gel;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stands in for the icing and the hands of an order that is played. */
@Service
@Transactional
class PlayService {
    /** Of a played day something goes wrong with so many cookies. */
    private static final double ERRS = 0.05;

    /** What a bare cookie of the practice kitchen weighs. */
    private static final double BARE_GRAMS = 24;

    private static final double SPOON_SHARE = 0.025;
    private static final double SPOON_LEAST_GRAMS = 0.1;

    private static final Map<Mishap, String> WORDS = Map.of(
            Mishap.BROKE, "broke",
            Mishap.CRATER, "crater",
            Mishap.OVER_THE_EDGE, "over the edge",
            Mishap.AIR_BUBBLE, "air bubble");

    private final Practising practising;
    private final Orders orders;
    private final Together together;
    private final Planner planner;
    private final ShopService shop;
    private final BenchService bench;
    private final BenchLog log;
    private final TintService tints;
    private final ScalePan pan;

    PlayService(
            Practising practising,
            Orders orders,
            Together together,
            Planner planner,
            ShopService shop,
            BenchService bench,
            BenchLog log,
            TintService tints,
            Scales scales) {
        this.practising = practising;
        this.orders = orders;
        this.together = together;
        this.planner = planner;
        this.shop = shop;
        this.bench = bench;
        this.log = log;
        this.tints = tints;
        pan = scales.practicePan();
    }

    BenchView begin(long order, long seed) {
        orders.order(order);
        practising.begin(order, seed);
        return bench.view(order);
    }

    BenchView end(long order) {
        orders.order(order);
        bench.endPlay(order);
        return bench.view(order);
    }

    BenchView later(long order, long seconds) {
        orders.order(order);
        practising.later(order, seconds);
        return bench.view(order);
    }

    /**
     * @throws Refused when the order is not played, or there is no such step
     */
    @Transactional(readOnly = true)
    public Deed.Outcome act(long order, Deed deed) {
        PracticeKitchen kitchen = kitchen(order);
        return switch (deed.what()) {
            case POUR -> pour(kitchen, deed);
            case SPOON -> spoon(deed);
            case DRIP -> drip(kitchen, deed);
            case LOOK -> look(kitchen, order, deed);
            case LINE -> line(kitchen, order, deed);
            case ICE -> ice(kitchen, deed);
            case BAG -> bag(kitchen, order, deed);
            case BARE -> set(kitchen, deed, BARE_GRAMS);
            case ICED -> set(kitchen, deed, BARE_GRAMS + kitchen.cookieGrams(deed.step(), deed.nth(), deed.wanted()));
            case TOUCH -> new Deed.Outcome(0, null, null, kitchen.isDry(deed.toMs() / 1_000, deed.wanted()), false);
        };
    }

    private PracticeKitchen kitchen(long order) {
        Practising.Play play = practising
                .of(order)
                .orElseThrow(() -> new Refused("", "This order is not played now. Begin to practise first."));
        double count = planner.recipe(orders.order(order).details()).curve().ownCountSeconds();
        return new PracticeKitchen(
                Truth.of(play.seed(), shop.settings().habits(), count).erring(ERRS), play.seed());
    }

    private static String told(Deed deed) {
        return deed.step() + " " + deed.name() + " " + deed.nth();
    }

    private Deed.Outcome pour(PracticeKitchen kitchen, Deed deed) {
        double grams = kitchen.poured(told(deed), deed.wanted(), deed.fromMs(), deed.toMs())
                + (deed.isLast() ? kitchen.tail(told(deed), deed.wanted(), deed.toMs()) : 0);
        return Deed.Outcome.grams(grams, pan.add(grams));
    }

    /** A spoon holds a fortieth of what is weighed, and no less than a tip of a knife. */
    private Deed.Outcome spoon(Deed deed) {
        double grams = Math.max(SPOON_LEAST_GRAMS, deed.wanted() * SPOON_SHARE);
        return Deed.Outcome.grams(grams, pan.add(-grams));
    }

    private Deed.Outcome drip(PracticeKitchen kitchen, Deed deed) {
        String drops = deed.step() + " " + deed.name();
        int fell = kitchen.drops(drops, deed.nth());
        double grams = fell * kitchen.dropGrams(drops, deed.nth(), Gel.DROP_GRAMS);
        return Deed.Outcome.grams(fell, pan.add(grams));
    }

    /** A bowl looks as what really fell into it makes it, out of bottles that are stronger or weaker than is known. */
    private Deed.Outcome look(PracticeKitchen kitchen, long order, Deed deed) {
        BenchView.Step here = step(bench.view(order).steps(), deed.step());
        Happened.StepNow now = log.happened(Set.of(here.order()))
                .getOrDefault(here.order(), Happened.NOTHING)
                .steps()
                .get(here.key());
        if (here.mixed() == null || here.mixed().tint() == null) {
            throw new Refused("step", "Nothing is tinted at this step.");
        }
        double base = here.mixed().grams();
        Map<String, Double> drops = new HashMap<>();
        if (now != null) {
            base += now.added().getOrDefault("base", 0.0);
            for (TintView.DoseView dose : here.mixed().tint().doses()) {
                String word = "drops of " + dose.gel();
                int counted = now.weights().getOrDefault(word, 0.0).intValue()
                        + (int) Math.round(dose.drops() * now.added().getOrDefault("share of the drops", 0.0));
                drops.put(
                        dose.gel(),
                        kitchen.fallen(here.key() + " " + dose.gel(), counted) * kitchen.strength(dose.gel()));
            }
        }
        Kitchen known = planner.kitchen(orders.order(order).details());
        return new Deed.Outcome(0, null, tints.with(known).look(drops, base), false, false);
    }

    /** The bowl is as thin as all the water makes it that went in on the way down its ladder. */
    private Deed.Outcome line(PracticeKitchen kitchen, long order, Deed deed) {
        List<BenchView.Step> steps = bench.view(order).steps();
        BenchView.Step here = step(steps, deed.step());
        Map<Long, Happened> happened = log.happened(Set.of(here.order()));
        double waterPer100Base = 0;
        for (BenchView.Step step : steps) {
            boolean isThinned = step.task().equals(here.task())
                    && step.mixed() != null
                    && step.mixed().doing() == MixingOrder.Doing.THIN;
            if (isThinned && step.mixed().baseGrams() > 0) {
                waterPer100Base += 100 * water(happened, step) / step.mixed().baseGrams();
            }
            if (step.key().equals(here.key())) {
                break;
            }
        }
        double wanted = here.mixed() == null ? 0 : here.mixed().countSeconds();
        return Deed.Outcome.grams(kitchen.lineSeconds(waterPer100Base, wanted), false);
    }

    private static double water(Map<Long, Happened> happened, BenchView.Step step) {
        Happened.StepNow now =
                happened.getOrDefault(step.order(), Happened.NOTHING).steps().get(step.key());
        return now == null ? 0 : now.water();
    }

    private Deed.Outcome ice(PracticeKitchen kitchen, Deed deed) {
        return new Deed.Outcome(
                kitchen.cookieSeconds(deed.step(), deed.nth(), deed.wanted()),
                WORDS.get(kitchen.mishap(deed.step(), deed.nth())),
                null,
                false,
                false);
    }

    /** Bags hold what was filled in, less what each cookie took that was iced out of them, of whatever order; of several the one in hand is weighed. */
    private Deed.Outcome bag(PracticeKitchen kitchen, long order, Deed deed) {
        BagUse bag = bench.view(order).bags().stream()
                .filter(one -> one.key().equals(deed.name()))
                .findFirst()
                .orElseThrow(() -> new Refused("name", "There is no such bag at this step."))
                .use();
        List<BenchEvent> pressed = Happened.standing(log.of(together.numbers(order)));
        Map<String, Happened.StepNow> now = Happened.of(pressed).steps();
        double out = bag.drinks().stream()
                .filter(drink -> now.containsKey(drink.step()))
                .mapToDouble(drink -> now.get(drink.step()).everIced().stream()
                        .mapToDouble(cookie -> kitchen.cookieGrams(drink.step(), cookie, drink.eachGrams()))
                        .sum())
                .sum();
        return set(kitchen, deed, bag.inHand(out, pressed));
    }

    private static BenchView.Step step(List<BenchView.Step> steps, String key) {
        return steps.stream()
                .filter(step -> step.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new Refused("step", "There is no such step at the bench of this order."));
    }

    private Deed.Outcome set(PracticeKitchen kitchen, Deed deed, double grams) {
        double down = kitchen.setDown(told(deed) + deed.toMs(), grams);
        return Deed.Outcome.grams(down, pan.put(down));
    }
}
