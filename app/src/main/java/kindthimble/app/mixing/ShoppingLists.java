package kindthimble.app.mixing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kindthimble.app.dough.DoughMakings;
import kindthimble.app.live.DatabaseReturned;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderSummary;
import kindthimble.app.order.Together;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Frozen;
import kindthimble.app.plan.FrozenJson;
import kindthimble.app.plan.Planned;
import kindthimble.app.plan.Planner;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.stock.Takings;
import kindthimble.app.tint.GelService;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Packaging;
import kindthimble.core.pour.Shopping;
import kindthimble.core.pour.Tally;
import kindthimble.core.tint.Gel;
import kindthimble.core.words.Refused;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What a mixing takes off the shelf, and what is to be bought for it: less what was taken for it already, and after what orders that are handed over earlier
 * take of the same shelf.
 */
@Component
class ShoppingLists {
    /** So many mixings before one are looked at, the next ones first. */
    private static final int MOST_BEFORE = 40;

    private static final int REMEMBERED = 200;

    private final Together together;
    private final Planner planner;
    private final MixingRepository mixings;
    private final ShelfService shelf;
    private final GelService gels;
    private final Takings takings;
    private final DoughMakings doughs;
    private final ShopRevision shopRevision;
    private final FrozenJson json;
    private final Clock clock;
    private final Cache<Key, List<Shopping.ToBuy>> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    ShoppingLists(
            Together together,
            Planner planner,
            MixingRepository mixings,
            ShelfService shelf,
            GelService gels,
            Takings takings,
            DoughMakings doughs,
            ShopRevision shopRevision,
            FrozenJson json,
            Clock clock) {
        this.together = together;
        this.planner = planner;
        this.mixings = mixings;
        this.shelf = shelf;
        this.gels = gels;
        this.takings = takings;
        this.doughs = doughs;
        this.shopRevision = shopRevision;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a mixing is made of.
     *
     * @param mixed the plan, and what is mixed more
     * @param kitchen what it was planned with
     * @param bottles as they were then, by key
     * @param doughs of its orders, making by making
     */
    record Parts(
            List<MixingView.Mixed> mixed,
            Kitchen kitchen,
            Map<String, GelService.Bottle> bottles,
            List<DoughView> doughs) {}

    private record Key(List<String> orders, long shop, Map<Long, Map<Integer, Double>> begun) {}

    @EventListener(DatabaseReturned.class)
    void forgetWhatIsKnown() {
        known.invalidateAll();
    }

    /** The doughs of orders, making by making. */
    List<DoughView> doughs(List<Kept> mixed) {
        return mixed.stream()
                .flatMap(order -> doughs.of(order).stream())
                .filter(dough -> dough.isBegun() || dough.dough().pieces() > 0)
                .toList();
    }

    /** The list of a mixing, what is to be bought first. */
    List<Shopping.ToBuy> of(List<Kept> mixed, Parts parts) {
        Map<String, Double> amounts = shelf.amounts();
        List<Shopping.ToBuy> lines =
                less(whole(mixed, parts, amounts), mixed.stream().map(Kept::id).toList(), amounts);
        return Shopping.toBuyFirst(Shopping.after(lines, before(mixed)));
    }

    /** What orders that are handed over earlier still need, by name. */
    private Map<String, Double> before(List<Kept> mixed) {
        LocalDateTime now = LocalDateTime.now(clock);
        Map<Long, List<OrderSummary>> groups = together.summaries().stream()
                .filter(one -> !one.archived() && one.handOver().isAfter(now))
                .collect(Collectors.groupingBy(OrderSummary::leading));
        List<OrderSummary> firsts = groups.values().stream()
                .map(group -> group.stream().min(ShoppingLists::byHandOver).orElseThrow())
                .sorted(ShoppingLists::byHandOver)
                .toList();
        long own = together.leading(mixed.get(0).id());
        int at = 0;
        while (at < firsts.size() && firsts.get(at).leading() != own) {
            at++;
        }
        Map<String, Double> needed = new HashMap<>();
        if (at < firsts.size()) {
            Map<String, Double> amounts = shelf.amounts();
            firsts.subList(Math.max(0, at - MOST_BEFORE), at)
                    .forEach(one -> needs(one.leading(), amounts)
                            .forEach(line -> needed.merge(line.name(), line.needed(), Double::sum)));
        }
        return needed;
    }

    private static int byHandOver(OrderSummary one, OrderSummary other) {
        return Comparator.comparing(OrderSummary::handOver)
                .thenComparing(OrderSummary::id)
                .compare(one, other);
    }

    /** What a mixing still needs; nothing where it can't be worked out. */
    private List<Shopping.ToBuy> needs(long leading, Map<String, Double> amounts) {
        List<Kept> mixed = together.mixedWith(leading);
        List<Long> numbers = mixed.stream().map(Kept::id).toList();
        Key key = new Key(
                mixed.stream().map(one -> one.id() + "." + one.revision()).toList(),
                shopRevision.now(),
                doughs.begun(numbers));
        try {
            List<Shopping.ToBuy> whole = known.getIfPresent(key);
            if (whole == null) {
                whole = whole(mixed, parts(leading, mixed), amounts);
                known.put(key, whole);
            }
            return less(whole, numbers, amounts);
        } catch (Refused refused) {
            return List.of();
        }
    }

    private Parts parts(long leading, List<Kept> mixed) {
        return mixings.findById(leading)
                .map(mixing -> {
                    Frozen frozen = json.read(mixing.frozen(), leading);
                    Planned now = planner.planWith(leading, frozen.shop(), frozen.recipe());
                    List<MixingView.Mixed> all = new ArrayList<>();
                    all.add(new MixingView.Mixed(0, frozen.pour(), frozen.tints()));
                    BegunMixing.of(frozen, now)
                            .additions()
                            .forEach(one -> all.add(new MixingView.Mixed(all.size(), one.pour(), one.tints())));
                    return new Parts(all, BegunMixing.kitchen(frozen, frozen.pour()), frozen.gels(), doughs(mixed));
                })
                .orElseGet(() -> {
                    Planned now = planner.plan(leading);
                    return new Parts(
                            List.of(new MixingView.Mixed(0, now.view(), new Bowls(now.tinter(), now.view()).tints())),
                            now.kitchen(),
                            gels.bottles(),
                            doughs(mixed));
                });
    }

    /** All that a mixing takes, as if nothing had been taken yet. */
    private List<Shopping.ToBuy> whole(List<Kept> mixed, Parts parts, Map<String, Double> amounts) {
        Map<String, Double> drops = new TreeMap<>();
        parts.mixed.stream()
                .flatMap(one -> one.tints().values().stream())
                .filter(tint -> tint.recipe() != null)
                .flatMap(tint -> tint.recipe().doses().stream())
                .forEach(dose -> drops.merge(dose.gel(), dose.grams() / Gel.DROP_GRAMS, Double::sum));
        Habits habits = parts.kitchen.habits();
        Map<String, String> colours = new HashMap<>();
        List<Shopping.ToBuy> lines = new ArrayList<>();
        for (MixingView.Mixed one : parts.mixed) {
            one.pour().colours().forEach(colour -> colours.put(colour.key(), colour.name()));
            lines.addAll(Shopping.of(one.pour().pour(), parts.kitchen, amounts));
        }
        lines.addAll(Shopping.gels(drops, bottles(parts.bottles)));
        for (MixingView.Mixed one : parts.mixed) {
            lines.addAll(Shopping.supplies(
                    one.pour().pour().supplies(), amounts, key -> colours.getOrDefault(key, key), habits));
        }
        lines.addAll(Shopping.doughs(
                parts.doughs.stream()
                        .map(one -> new Shopping.OfDough(one.dough(), one.recipe()))
                        .toList(),
                amounts));
        lines.addAll(Shopping.packaging(packaging(mixed, habits), amounts, habits));
        return Shopping.together(lines, amounts);
    }

    private Map<String, Shopping.Bottle> bottles(Map<String, GelService.Bottle> kept) {
        Map<String, GelService.Bottle> onShelf = gels.bottles();
        Map<String, Shopping.Bottle> bottles = new HashMap<>();
        kept.forEach((key, b) -> bottles.put(
                key,
                new Shopping.Bottle(
                        b.name(),
                        onShelf.containsKey(key) ? onShelf.get(key).dropsLeft() : 0,
                        b.bottleDrops(),
                        b.price())));
        return bottles;
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

    /** Without what was used for these orders already, whether the shelf had it or not. */
    private List<Shopping.ToBuy> less(
            List<Shopping.ToBuy> lines, Collection<Long> orders, Map<String, Double> amounts) {
        Map<String, GelService.Bottle> bottles = gels.bottles();
        Map<String, Double> taken = new HashMap<>();
        takings.standing(orders)
                .values()
                .forEach(taking -> taking.wanted().forEach((name, amount) -> {
                    String gel = name.startsWith(Takings.GEL) ? name.substring(Takings.GEL.length()) : null;
                    String listed = gel == null
                            ? name
                            : (bottles.containsKey(gel) ? bottles.get(gel).name() : gel) + " gel";
                    taken.merge(listed, amount, Double::sum);
                }));
        return Shopping.less(lines, taken, amounts);
    }
}
