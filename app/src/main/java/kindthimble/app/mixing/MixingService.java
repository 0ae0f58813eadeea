package kindthimble.app.mixing;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderSummary;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Frozen;
import kindthimble.app.plan.FrozenJson;
import kindthimble.app.plan.Planned;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
import kindthimble.app.plan.Renamed;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.stock.Takings;
import kindthimble.app.tint.GelService;
import kindthimble.app.tint.TintView;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Difference;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Packaging;
import kindthimble.core.pour.Shopping;
import kindthimble.core.pour.Tally;
import kindthimble.core.pour.TipUse;
import kindthimble.core.tint.Gel;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Says how orders are mixed. A mixing is one thing of one or several orders: seen from each of
 * them, and started, topped up and given up once. It goes by the number of the order that leads it.
 */
@Service
@Transactional
public class MixingService {
    private static final Duration NEAR = Duration.ofDays(7);

    private final MixingRepository mixings;
    private final Orders orders;
    private final Together together;
    private final Planner planner;
    private final ShelfService shelf;
    private final GelService gels;
    private final Takings takings;
    private final FrozenJson json;

    MixingService(
            MixingRepository mixings,
            Orders orders,
            Together together,
            Planner planner,
            ShelfService shelf,
            GelService gels,
            Takings takings,
            FrozenJson json) {
        this.mixings = mixings;
        this.orders = orders;
        this.together = together;
        this.planner = planner;
        this.shelf = shelf;
        this.gels = gels;
        this.takings = takings;
        this.json = json;
    }

    /**
     * @throws Refused when there is no plan
     */
    @Transactional(readOnly = true)
    public MixingView view(long order) {
        return mixings.findById(together.leading(order))
                .map(mixing -> started(order, mixing))
                .orElseGet(() -> planned(order));
    }

    /**
     * The steps of a mixing, with the bowls and colours that they speak of: by the plan that was kept where it has started.
     *
     * @param leading number of the order that leads it
     * @throws Refused when there is no plan
     */
    @Transactional(readOnly = true)
    public Steps steps(long leading) {
        return mixings.findById(leading)
                .map(mixing -> {
                    Frozen frozen = json.read(mixing.frozen(), leading);
                    Kitchen kitchen = Kitchen.of(frozen.shop(), frozen.recipe(), null, looks(frozen.pour()), null);
                    return new Steps(frozen.pour(), MixingOrder.of(frozen.pour().pour(), kitchen), kitchen);
                })
                .orElseGet(() -> {
                    Planned now = planner.plan(leading);
                    return new Steps(now.view(), MixingOrder.of(now.view().pour(), now.kitchen()), now.kitchen());
                });
    }

    /**
     * @param pour what is mixed
     * @param steps in order
     * @param kitchen what it was planned with
     */
    public record Steps(PourView pour, List<MixingOrder.Step> steps, Kitchen kitchen) {}

    /** A mixing that has not started: all follows from the orders as they are now. */
    private MixingView planned(long order) {
        Planned now = planner.plan(order);
        Kitchen kitchen = now.kitchen().with(looks(now.view()));
        Bowls bowls = new Bowls(now.tinter(), now.view());
        Map<String, TintView> tints = bowls.tints();
        Follows follows = follows(now.view(), kitchen);
        List<DoughView> doughs = doughs(now);
        return new MixingView(
                orders.order(order).revision(),
                now.view(),
                follows.steps,
                follows.minutes,
                follows.ladders,
                follows.tips,
                tints,
                Map.of(),
                bowls.families(kitchen),
                Joining.of(
                        now.view().pour(),
                        kitchen,
                        (from, into) -> planner.planJoined(order, from, into).pour()),
                shopping(now.view(), kitchen, tints, gels.bottles(), together.mixedWith(order), doughs),
                doughs,
                jars(now, kitchen),
                neighbours(order),
                now.view().colours(),
                null,
                null,
                null);
    }

    /** A mixing that has started: the plan that was kept, and what has come about since. */
    private MixingView started(long order, MixingEntity mixing) {
        Frozen frozen = json.read(mixing.frozen(), mixing.orderId());
        // As the leading order knows the bowls, so that they are the frozen ones; then by the keys of the order that
        // looks.
        Planned now = planner.planWith(mixing.orderId(), frozen.shop(), frozen.recipe());
        UnaryOperator<String> keys = order == mixing.orderId()
                ? UnaryOperator.identity()
                : Renamed.keys(now.view(), planner.plan(order).view());
        PourView shown = Renamed.of(frozen.pour(), keys);
        PourView nowShown = Renamed.of(now.view(), keys);
        // Plans of before there were tints have none.
        Map<String, TintView> tints =
                frozen.tints().isEmpty() ? new Bowls(now.tinter(), shown).tints() : Renamed.of(frozen.tints(), keys);
        Kitchen kitchen = Kitchen.of(frozen.shop(), frozen.recipe(), null, looks(shown), null);
        Difference difference = Difference.between(shown.pour(), nowShown.pour(), kitchen);
        Follows follows = follows(shown, kitchen);
        List<DoughView> doughs = doughs(now);
        Map<String, PourView.BowlColour> names = new LinkedHashMap<>();
        shown.colours().forEach(colour -> names.put(colour.key(), colour));
        nowShown.colours().forEach(colour -> names.putIfAbsent(colour.key(), colour));
        return new MixingView(
                orders.order(order).revision(),
                shown,
                follows.steps,
                follows.minutes,
                follows.ladders,
                follows.tips,
                tints,
                new Bowls(now.tinter(), nowShown).topUps(difference, nowShown),
                List.of(),
                List.of(),
                shopping(shown, kitchen, tints, frozen.gels(), together.mixedWith(order), doughs),
                doughs,
                List.of(),
                neighbours(order),
                List.copyOf(names.values()),
                mixing.startedAt(),
                MixingView.FrozenFrom.of(frozen),
                difference);
    }

    private record Follows(
            List<MixingOrder.Step> steps, double minutes, Map<String, List<Ladder.Rung>> ladders, List<TipUse> tips) {}

    private static Follows follows(PourView view, Kitchen kitchen) {
        List<MixingOrder.Step> steps = MixingOrder.of(view.pour(), kitchen);
        Map<String, List<Ladder.Rung>> ladders = new LinkedHashMap<>();
        view.pour().bowls().forEach(bowl -> ladders.put(bowl.colour(), Ladder.of(bowl)));
        List<String> inOrder = steps.stream()
                .filter(step -> step.doing() == MixingOrder.Doing.THIN)
                .map(MixingOrder.Step::colour)
                .distinct()
                .toList();
        return new Follows(
                steps,
                steps.stream().mapToDouble(MixingOrder.Step::minutes).sum(),
                ladders,
                TipUse.tooFew(view.pour(), inOrder, kitchen.shop()));
    }

    private List<DoughView> doughs(Planned now) {
        return now.orders().stream()
                .map(orders::order)
                .map(planner::dough)
                .filter(dough -> dough.dough().pieces() > 0)
                .toList();
    }

    private List<Shopping.ToBuy> shopping(
            PourView pour,
            Kitchen kitchen,
            Map<String, TintView> tinted,
            Map<String, GelService.Bottle> kept,
            List<Kept> mixed,
            List<DoughView> doughs) {
        Map<String, Double> drops = new TreeMap<>();
        tinted.values().stream()
                .filter(tint -> tint.recipe() != null)
                .flatMap(tint -> tint.recipe().doses().stream())
                .forEach(dose -> drops.merge(dose.gel(), dose.grams() / Gel.DROP_GRAMS, Double::sum));
        Map<String, GelService.Bottle> onShelf = gels.bottles();
        Map<String, Shopping.Bottle> bottles = new HashMap<>();
        kept.forEach((key, b) -> bottles.put(
                key,
                new Shopping.Bottle(
                        b.name(),
                        onShelf.containsKey(key) ? onShelf.get(key).dropsLeft() : 0,
                        b.bottleDrops(),
                        b.price())));
        Map<String, String> colours = new HashMap<>();
        pour.colours().forEach(colour -> colours.put(colour.key(), colour.name()));
        Map<String, Double> amounts = shelf.amounts();
        List<Shopping.ToBuy> lines = new ArrayList<>(Shopping.of(pour.pour(), kitchen, amounts));
        lines.addAll(Shopping.gels(drops, bottles));
        lines.addAll(Shopping.supplies(
                pour.pour().supplies(), amounts, key -> colours.getOrDefault(key, key), kitchen.habits()));
        lines.addAll(Shopping.doughs(
                doughs.stream()
                        .map(one -> new Shopping.OfDough(one.dough(), one.recipe()))
                        .toList(),
                amounts));
        lines.addAll(Shopping.packaging(packaging(mixed, kitchen.habits()), amounts, kitchen.habits()));
        return Shopping.toBuyFirst(Shopping.less(Shopping.together(lines, amounts), taken(mixed, bottles), amounts));
    }

    private static List<Packaging> packaging(List<Kept> mixed, Habits habits) {
        return mixed.stream()
                .map(order -> {
                    Tally tally = Tally.sparing(habits.mean(Habit.BREAKAGE_PERCENT));
                    int handedOver = 0;
                    int iced = 0;
                    for (Kept.KeptDesign design : order.designs()) {
                        handedOver += design.count();
                        iced += design.count() + tally.spares(design.count());
                    }
                    return Packaging.of(handedOver, iced, habits);
                })
                .toList();
    }

    /** What the shelf has given for these orders already, by the names of the list. */
    private Map<String, Double> taken(List<Kept> mixed, Map<String, Shopping.Bottle> bottles) {
        Map<String, Double> taken = new HashMap<>();
        takings.standing(mixed.stream().map(Kept::id).toList())
                .values()
                .forEach(taking -> taking.amounts().forEach((name, amount) -> {
                    String gel = name.startsWith(Takings.GEL) ? name.substring(Takings.GEL.length()) : null;
                    String listed = gel == null
                            ? name
                            : (bottles.containsKey(gel) ? bottles.get(gel).name() : gel) + " gel";
                    taken.merge(listed, amount, Double::sum);
                }));
        return taken;
    }

    private static Palette looks(PourView pour) {
        Map<String, Lab> looks = new HashMap<>();
        pour.colours().forEach(colour -> looks.put(colour.key(), Lab.ofHex(colour.hex())));
        return new Palette(looks);
    }

    private List<MixingView.FittingJar> jars(Planned now, Kitchen kitchen) {
        List<MixingView.FittingJar> fitting = new ArrayList<>();
        now.orders().forEach(order -> shelf.jarsOf(order).forEach(jar -> fit(jar, kitchen, true, fitting)));
        shelf.freeJars(kitchen.recipe().key()).forEach(jar -> fit(jar, kitchen, false, fitting));
        return fitting;
    }

    private static void fit(ShelfService.Jar jar, Kitchen kitchen, boolean taken, List<MixingView.FittingJar> fitting) {
        Jar.bowlFor(Lab.ofHex(jar.hex()), kitchen.palette(), kitchen.habits())
                .ifPresent(bowl -> fitting.add(new MixingView.FittingJar(jar, bowl, taken)));
    }

    private List<MixingView.Neighbour> neighbours(long id) {
        List<OrderSummary> all = together.summaries();
        OrderSummary order =
                all.stream().filter(one -> one.id() == id).findFirst().orElseThrow();
        return all.stream()
                .filter(other -> other.id() != id)
                .filter(other -> other.leading() == order.leading()
                        || !other.archived()
                                && Duration.between(order.handOver(), other.handOver())
                                                .abs()
                                                .compareTo(NEAR)
                                        <= 0)
                .map(other -> new MixingView.Neighbour(
                        other.id(), other.name(), other.handOver(), other.leading() == order.leading()))
                .toList();
    }
}
