package kindthimble.app.mixing;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import kindthimble.app.happened.BenchLog;
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
import kindthimble.app.tint.GelService;
import kindthimble.app.tint.TintView;
import kindthimble.core.colour.Lab;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.TipUse;
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
    private final ShoppingLists lists;
    private final BenchLog log;
    private final FrozenJson json;

    MixingService(
            MixingRepository mixings,
            Orders orders,
            Together together,
            Planner planner,
            ShelfService shelf,
            GelService gels,
            ShoppingLists lists,
            BenchLog log,
            FrozenJson json) {
        this.mixings = mixings;
        this.orders = orders;
        this.together = together;
        this.planner = planner;
        this.shelf = shelf;
        this.gels = gels;
        this.lists = lists;
        this.log = log;
        this.json = json;
    }

    /**
     * @throws Refused when there is no plan
     */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
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
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public Steps steps(long leading) {
        return mixings.findById(leading)
                .map(mixing -> {
                    BegunMixing begun = begun(mixing);
                    PourView pour = begun.frozen().pour();
                    return new Steps(pour, begun.colours(), begun.steps(), BegunMixing.kitchen(begun.frozen(), pour));
                })
                .orElseGet(() -> {
                    Planned now = planner.plan(leading);
                    return new Steps(
                            now.view(),
                            now.view().colours(),
                            MixingOrder.of(now.view().pour(), now.kitchen()),
                            now.kitchen());
                });
    }

    /**
     * @param pour what is mixed by the plan
     * @param colours of all bowls, those of additions with them
     * @param steps in order, those of additions last
     * @param kitchen what it was planned with
     */
    public record Steps(
            PourView pour, List<PourView.BowlColour> colours, List<MixingOrder.Step> steps, Kitchen kitchen) {}

    /** The mixing that an order leads, by its keys; nothing where it has not started. */
    Optional<BegunMixing> begun(long leading) {
        return mixings.findById(leading).map(this::begun);
    }

    /** What was begun of an order's mixing; nothing where it has not started. */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public Optional<BegunBase> begunBase(long order) {
        return begun(together.leading(order)).map(BegunBase::of);
    }

    /** What has come about is left out where the orders can't be measured as they are now. */
    private BegunMixing begun(MixingEntity mixing) {
        Frozen frozen = json.read(mixing.frozen(), mixing.orderId());
        try {
            return BegunMixing.of(frozen, planner.planWith(mixing.orderId(), frozen.shop(), frozen.recipe()));
        } catch (Refused refused) {
            return BegunMixing.alone(frozen);
        }
    }

    /** A mixing that has not started: all follows from the orders as they are now. */
    private MixingView planned(long order) {
        Planned now = planner.plan(order);
        Kitchen kitchen = now.kitchen().with(BegunMixing.looks(now.view()));
        Bowls bowls = new Bowls(now.tinter(), now.view());
        Map<String, TintView> tints = bowls.tints();
        Follows follows = follows(now.view(), MixingOrder.of(now.view().pour(), kitchen), kitchen);
        List<Kept> mixed = together.mixedWith(order);
        List<DoughView> doughs = lists.doughs(mixed);
        return new MixingView(
                orders.order(order).revision(),
                now.view(),
                follows.steps,
                follows.minutes,
                follows.ladders,
                follows.tips,
                tints,
                bowls.families(kitchen),
                Joining.of(
                        now.view().pour(),
                        kitchen,
                        (from, into) -> planner.planJoined(order, from, into).pour()),
                lists.of(
                        mixed,
                        new ShoppingLists.Parts(
                                List.of(new MixingView.Mixed(0, now.view(), tints)), kitchen, gels.bottles(), doughs)),
                doughs,
                jars(now, kitchen),
                neighbours(order),
                now.view().colours(),
                null,
                null,
                List.of(),
                null);
    }

    /** A mixing that has started: the plan that was kept, and what has come about since. */
    private MixingView started(long order, MixingEntity mixing) {
        Frozen frozen = json.read(mixing.frozen(), mixing.orderId());
        // As the leading order knows the bowls, so that they are the frozen ones; then by the keys of the order that
        // looks.
        Planned now = planner.planWith(mixing.orderId(), frozen.shop(), frozen.recipe());
        BegunMixing begun = BegunMixing.of(frozen, now);
        UnaryOperator<String> keys = order == mixing.orderId()
                ? UnaryOperator.identity()
                : Renamed.keys(now.view(), planner.plan(order).view());
        PourView shown = Renamed.of(frozen.pour(), keys);
        // Plans of before there were tints have none.
        Map<String, TintView> tints =
                frozen.tints().isEmpty() ? new Bowls(now.tinter(), shown).tints() : Renamed.of(frozen.tints(), keys);
        Kitchen kitchen = BegunMixing.kitchen(frozen, shown);
        Follows follows = follows(shown, MixingOrder.of(shown.pour(), kitchen), kitchen);
        List<MixingView.Addition> additions = additions(begun, keys);
        List<MixingView.Mixed> all = new ArrayList<>();
        all.add(new MixingView.Mixed(0, shown, tints));
        additions.forEach(one -> all.add(new MixingView.Mixed(one.number(), one.pour(), one.tints())));
        List<Kept> mixed = together.mixedWith(order);
        List<DoughView> doughs = lists.doughs(mixed);
        List<DoughView> whole = mixed.stream().map(planner::dough).toList();
        SinceBegun since = SinceBegun.of(
                begun,
                doughs,
                whole,
                mixed,
                kitchen.habits(),
                log.of(mixed.stream().map(Kept::id).toList()));
        return new MixingView(
                orders.order(order).revision(),
                shown,
                follows.steps,
                follows.minutes,
                follows.ladders,
                follows.tips,
                tints,
                List.of(),
                List.of(),
                lists.of(mixed, new ShoppingLists.Parts(all, kitchen, frozen.gels(), doughs)),
                doughs,
                List.of(),
                neighbours(order),
                begun.colours().stream()
                        .map(one -> new PourView.BowlColour(keys.apply(one.key()), one.name(), one.hex()))
                        .toList(),
                mixing.startedAt(),
                MixingView.FrozenFrom.of(frozen),
                additions,
                since.renamed(keys));
    }

    private List<MixingView.Addition> additions(BegunMixing begun, UnaryOperator<String> keys) {
        List<MixingView.Addition> shown = new ArrayList<>();
        for (Frozen.Addition addition : begun.additions()) {
            int number = shown.size() + 1;
            PourView pour = Renamed.of(addition.pour(), keys);
            Kitchen kitchen = BegunMixing.kitchen(begun.frozen(), pour);
            Follows follows = follows(pour, MixingOrder.of(pour.pour(), number, kitchen), kitchen);
            shown.add(new MixingView.Addition(
                    number,
                    number <= begun.frozen().additions().size(),
                    pour,
                    follows.steps,
                    follows.minutes,
                    follows.ladders,
                    Renamed.of(addition.tints(), keys)));
        }
        return shown;
    }

    private record Follows(
            List<MixingOrder.Step> steps, double minutes, Map<String, List<Ladder.Rung>> ladders, List<TipUse> tips) {}

    private static Follows follows(PourView view, List<MixingOrder.Step> steps, Kitchen kitchen) {
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

    private List<MixingView.FittingJar> jars(Planned now, Kitchen kitchen) {
        List<MixingView.FittingJar> fitting = new ArrayList<>();
        now.orders().forEach(order -> shelf.jarsOf(order).forEach(jar -> fit(jar, now, kitchen, true, fitting)));
        shelf.freeJars(kitchen.recipe().key()).forEach(jar -> fit(jar, now, kitchen, false, fitting));
        return fitting;
    }

    private static void fit(
            ShelfService.Jar jar, Planned now, Kitchen kitchen, boolean taken, List<MixingView.FittingJar> fitting) {
        Jar.bowlFor(
                        Lab.ofHex(jar.hex()),
                        jar.flavour(),
                        kitchen.palette(),
                        now.view().pour().flavours(),
                        kitchen.habits())
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
