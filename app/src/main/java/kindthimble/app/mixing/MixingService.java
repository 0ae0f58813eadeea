package kindthimble.app.mixing;

import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import kindthimble.app.bowls.PourView;
import kindthimble.app.order.OrderService;
import kindthimble.app.order.OrderView;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.GelService;
import kindthimble.app.tint.TintService;
import kindthimble.app.tint.TintView;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.pour.Difference;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Shopping;
import kindthimble.core.pour.TipUse;
import kindthimble.core.shop.ShopSettings;
import kindthimble.core.tint.Gel;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says how an order is mixed, and keeps the plan once that has started. */
@Service
@Transactional
public class MixingService {
    private static final Duration NEAR = Duration.ofDays(7);

    private final MixingRepository mixings;
    private final OrderService orders;
    private final ShopService shop;
    private final ShelfService shelf;
    private final GelService gels;
    private final TintService tints;
    private final Clock clock;

    MixingService(
            MixingRepository mixings,
            OrderService orders,
            ShopService shop,
            ShelfService shelf,
            GelService gels,
            TintService tints,
            Clock clock) {
        this.mixings = mixings;
        this.orders = orders;
        this.shop = shop;
        this.shelf = shelf;
        this.gels = gels;
        this.tints = tints;
        this.clock = clock;
    }

    /**
     * @throws Refused when there is no plan
     */
    @Transactional(readOnly = true)
    public MixingView view(long order) {
        PourView now = orders.pour(order);
        ShopSettings settings = shop.settings();
        BaseRecipe recipe = orders.recipe(order);
        Optional<MixingEntity> mixing = mixings.findById(order);
        PourView shown = mixing.map(m -> m.frozen().pour()).orElse(now);
        Palette looks = looks(shown);
        Bowls bowls = new Bowls(tints.with(recipe), shown);
        Map<String, TintView> tinted = mixing.map(m -> m.frozen().tints()).orElseGet(bowls::tints);
        Difference difference = mixing.map(
                        m -> Difference.between(m.frozen().pour().pour(), now.pour(), settings, recipe))
                .orElse(null);
        List<MixingOrder.Step> steps = MixingOrder.of(shown.pour(), looks);
        Map<String, List<Ladder.Rung>> ladders = new LinkedHashMap<>();
        shown.pour().bowls().forEach(bowl -> ladders.put(bowl.colour(), Ladder.of(bowl)));
        return new MixingView(
                shown,
                steps,
                steps.stream().mapToDouble(MixingOrder.Step::minutes).sum(),
                ladders,
                TipUse.tooFew(
                        shown.pour(),
                        steps.stream()
                                .filter(step -> step.doing() == MixingOrder.Doing.TINT)
                                .map(MixingOrder.Step::colour)
                                .toList(),
                        settings),
                tinted,
                difference == null ? Map.of() : bowls.topUps(difference, now),
                mixing.isPresent() ? List.of() : bowls.families(looks),
                mixing.isPresent()
                        ? List.of()
                        : Joining.of(
                                now.pour(),
                                looks,
                                (from, into) ->
                                        orders.pourJoined(order, from, into).pour()),
                shopping(shown, recipe, settings, tinted),
                jars(order, recipe),
                neighbours(order),
                mixing.map(MixingEntity::startedAt).orElse(null),
                mixing.map(m -> m.frozen().kept()).orElse(null),
                difference);
    }

    /** Keeps the plan as it is now; later changes show as differences to it. */
    MixingView start(long order) {
        PourView pour = orders.pour(order);
        if (pour.pour().bowls().isEmpty()) {
            throw new Refused("", "There is nothing to mix yet: no design of this order has icing on it.");
        }
        if (!mixings.existsById(order)) {
            OrderView view = orders.order(order);
            List<Frozen.Counted> designs = view.designs().stream()
                    .map(design -> new Frozen.Counted(design.count(), design.document()))
                    .toList();
            mixings.saveAndFlush(new MixingEntity(
                    order,
                    clock.instant().truncatedTo(ChronoUnit.SECONDS),
                    new Frozen(
                            pour,
                            view.details(),
                            designs,
                            shop.settings(),
                            orders.recipe(order),
                            new Bowls(tints.with(orders.recipe(order)), pour).tints())));
        }
        return view(order);
    }

    /** Gives the frozen plan up: the order is planned afresh. */
    MixingView restart(long order) {
        mixings.deleteById(order);
        mixings.flush();
        return view(order);
    }

    /** Sets a jar aside for an order, or back on the shelf. */
    MixingView takeJar(long order, long jar, boolean taken) {
        orders.order(order);
        shelf.takeFor(jar, taken ? order : null);
        return view(order);
    }

    private List<Shopping.ToBuy> shopping(
            PourView pour, BaseRecipe recipe, ShopSettings settings, Map<String, TintView> tinted) {
        Map<String, Double> drops = new TreeMap<>();
        tinted.values().stream()
                .filter(tint -> tint.recipe() != null)
                .flatMap(tint -> tint.recipe().doses().stream())
                .forEach(dose -> drops.merge(dose.gel(), dose.grams() / Gel.DROP_GRAMS, Double::sum));
        Map<String, Shopping.Bottle> bottles = new HashMap<>();
        gels.bottles()
                .forEach((key, b) ->
                        bottles.put(key, new Shopping.Bottle(b.name(), b.dropsLeft(), b.bottleDrops(), b.price())));
        List<Shopping.ToBuy> lines =
                new ArrayList<>(Shopping.of(pour.pour(), recipe, shelf.amounts(), settings.cookiesPerBox()));
        lines.addAll(Shopping.gels(drops, bottles));
        return lines;
    }

    private static Palette looks(PourView pour) {
        Map<String, Lab> looks = new HashMap<>();
        pour.colours().forEach(colour -> looks.put(colour.key(), Lab.ofHex(colour.hex())));
        return new Palette(looks);
    }

    private List<MixingView.FittingJar> jars(long order, BaseRecipe recipe) {
        List<MixingView.FittingJar> fitting = new ArrayList<>();
        shelf.jarsOf(order).stream()
                .filter(jar -> orders.bowlFor(order, jar) != null)
                .forEach(jar -> fitting.add(new MixingView.FittingJar(jar, orders.bowlFor(order, jar), true)));
        shelf.freeJars(recipe.key()).stream()
                .filter(jar -> orders.bowlFor(order, jar) != null)
                .forEach(jar -> fitting.add(new MixingView.FittingJar(jar, orders.bowlFor(order, jar), false)));
        return fitting;
    }

    private List<MixingView.Neighbour> neighbours(long id) {
        OrderView order = orders.order(id);
        return orders.all().stream()
                .filter(other -> other.id() != id)
                .filter(other -> Duration.between(
                                        order.details().handOver(),
                                        other.details().handOver())
                                .abs()
                                .compareTo(NEAR)
                        <= 0)
                .map(other -> new MixingView.Neighbour(
                        other.id(),
                        other.details().name(),
                        other.details().handOver(),
                        order.details().mixedWith().contains(other.id())))
                .toList();
    }
}
