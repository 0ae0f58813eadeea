package kindthimble.app.mixing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
        Map<String, Double> used = new HashMap<>();
        used(mixed.stream().map(Kept::id).toList())
                .values()
                .forEach(one -> one.forEach((name, amount) -> used.merge(name, amount, Double::sum)));
        List<Shopping.ToBuy> lines = Shopping.less(whole(mixed, parts, amounts), used, amounts);
        return Shopping.toBuyFirst(Shopping.after(lines, before(mixed)));
    }

    /** What orders that are handed over earlier still need, by name; however many they are, the database is asked no more than for one. */
    private Map<String, Double> before(List<Kept> mixed) {
        LocalDateTime now = LocalDateTime.now(clock);
        Map<Long, List<OrderSummary>> groups = together.summaries().stream()
                .filter(one -> !one.archived() && one.handOver().isAfter(now))
                .sorted(ShoppingLists::byHandOver)
                .collect(Collectors.groupingBy(OrderSummary::leading, LinkedHashMap::new, Collectors.toList()));
        long own = together.leading(mixed.get(0).id());
        List<List<OrderSummary>> earlier = new ArrayList<>();
        for (Map.Entry<Long, List<OrderSummary>> group : groups.entrySet()) {
            if (group.getKey() == own) {
                break;
            }
            earlier.add(group.getValue());
        }
        Map<String, Double> needed = new HashMap<>();
        if (groups.containsKey(own) && !earlier.isEmpty()) {
            List<List<OrderSummary>> near = earlier.subList(Math.max(0, earlier.size() - MOST_BEFORE), earlier.size());
            List<Long> numbers =
                    near.stream().flatMap(List::stream).map(OrderSummary::id).toList();
            Map<Long, Map<Integer, Double>> begun = doughs.begun(numbers);
            Map<String, Double> amounts = shelf.amounts();
            Map<Long, Map<String, Double>> used = used(numbers);
            for (List<OrderSummary> group : near) {
                Map<String, Double> ofGroup = new HashMap<>();
                group.forEach(one -> used.getOrDefault(one.id(), Map.of())
                        .forEach((name, amount) -> ofGroup.merge(name, amount, Double::sum)));
                Shopping.less(whole(group, begun, amounts), ofGroup, amounts)
                        .forEach(line -> needed.merge(line.name(), line.needed(), Double::sum));
            }
        }
        return needed;
    }

    private static int byHandOver(OrderSummary one, OrderSummary other) {
        return Comparator.comparing(OrderSummary::handOver)
                .thenComparing(OrderSummary::id)
                .compare(one, other);
    }

    /** What a mixing takes in all; nothing where it can't be worked out. */
    private List<Shopping.ToBuy> whole(
            List<OrderSummary> group, Map<Long, Map<Integer, Double>> begun, Map<String, Double> amounts) {
        Map<Long, Map<Integer, Double>> own = new TreeMap<>(begun);
        own.keySet().retainAll(group.stream().map(OrderSummary::id).toList());
        Key key = new Key(
                group.stream().map(one -> one.id() + "." + one.revision()).toList(), shopRevision.now(), own);
        List<Shopping.ToBuy> whole = known.getIfPresent(key);
        if (whole == null) {
            long leading = group.get(0).leading();
            List<Kept> mixed = together.mixedWith(leading);
            try {
                whole = whole(mixed, parts(leading, mixed), amounts);
            } catch (Refused refused) {
                whole = List.of();
            }
            known.put(key, whole);
        }
        return whole;
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
                    return Packaging.of(handedOver, iced, order.details().tied(), habits);
                })
                .toList();
    }

    /** What was used for orders already, whether the shelf had it or not; by order, and by the names of the list. */
    private Map<Long, Map<String, Double>> used(Collection<Long> orders) {
        Map<String, GelService.Bottle> bottles = gels.bottles();
        Map<Long, Map<String, Double>> used = new HashMap<>();
        takings.standing(orders)
                .values()
                .forEach(taking -> taking.wanted().forEach((name, amount) -> {
                    String gel = name.startsWith(Takings.GEL) ? name.substring(Takings.GEL.length()) : null;
                    String listed = gel == null
                            ? name
                            : (bottles.containsKey(gel) ? bottles.get(gel).name() : gel) + " gel";
                    used.computeIfAbsent(taking.order(), order -> new HashMap<>())
                            .merge(listed, amount, Double::sum);
                }));
        return used;
    }
}
