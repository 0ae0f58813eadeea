package kindthimble.app.clock;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.dough.DoughMakings;
import kindthimble.app.live.DatabaseReturned;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Together;
import kindthimble.app.order.Wish;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
import kindthimble.app.shop.ShopService;
import kindthimble.core.colour.Lab;
import kindthimble.core.design.Cookie;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Tally;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The work of orders, those that are mixed as one together; remembered until one of them, or the shop, is another. */
@Component
class WorkOfOrders {
    private static final int REMEMBERED = 200;

    /** Darker than this, or as strong as {@link #DEEP_CHROMA}, a colour deepens while it rests. */
    private static final double DEEP_LIGHTNESS = 45;

    private static final double DEEP_CHROMA = 60;

    private final Together together;
    private final Planner planner;
    private final MixingService mixings;
    private final CookieService cookies;
    private final ShopService shop;
    private final ShopRevision shopRevision;
    private final DoughMakings doughs;
    private final Cache<Key, Group> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    WorkOfOrders(
            Together together,
            Planner planner,
            MixingService mixings,
            CookieService cookies,
            ShopService shop,
            ShopRevision shopRevision,
            DoughMakings doughs) {
        this.together = together;
        this.planner = planner;
        this.mixings = mixings;
        this.cookies = cookies;
        this.shop = shop;
        this.shopRevision = shopRevision;
        this.doughs = doughs;
    }

    private record Version(long order, long revision) {}

    private record Key(List<Version> orders, long shop, Map<Long, Map<Integer, Double>> doughs) {}

    /**
     * How a group's icing is mixed.
     *
     * @param steps in order
     * @param deep keys of bowls whose colour deepens while it rests
     * @param mothers by the key of a bowl that is let down, the key of the one that it comes out of
     * @param bowls what they are called and look like, by key, as the order knows them that leads the mixing
     * @param trouble why it can't be said; null where it can
     */
    record Mixing(
            List<MixingOrder.Step> steps,
            Set<String> deep,
            Map<String, String> mothers,
            Map<String, PourView.BowlColour> bowls,
            String trouble) {}

    /**
     * @param orders all of them, the one that leads the mixing first
     * @param tasks of all of them
     * @param mixing of all of them
     * @param iced by design, how many are iced
     * @param gates by design and pass, what has to have come before it
     * @param leftOut by order, what could not be put on the clock, with why
     * @param doughs by order, what of its dough was begun, as {@link DoughMakings#begun} has it
     */
    record Group(
            List<Kept> orders,
            List<Task> tasks,
            Mixing mixing,
            Map<Long, Integer> iced,
            Map<Long, Map<Integer, String>> gates,
            Map<Long, List<String>> leftOut,
            Map<Long, Map<Integer, Double>> doughs) {
        long leading() {
            return orders.get(0).id();
        }

        boolean holds(long order) {
            return orders.stream().anyMatch(one -> one.id() == order);
        }
    }

    @EventListener(DatabaseReturned.class)
    void forgetWhatIsKnown() {
        known.invalidateAll();
    }

    /** The work of an order and of those mixed with it. */
    Group of(Kept order) {
        List<Kept> mixed = together.mixedWith(order);
        Map<Long, Map<Integer, Double>> begun =
                doughs.begun(mixed.stream().map(Kept::id).toList());
        Key key = new Key(
                mixed.stream().map(one -> new Version(one.id(), one.revision())).toList(), shopRevision.now(), begun);
        Group there = known.getIfPresent(key);
        if (there == null) {
            there = worked(mixed, shop.settings(), mixing(mixed.get(0)), begun);
            known.put(key, there);
        }
        return there;
    }

    /** The same work in a shop with other numbers, or with other counts or designs; mixed as it is now. */
    Group otherwise(Group now, ShopSettings settings, List<Kept> orders) {
        return worked(orders, settings, now.mixing, now.doughs);
    }

    /** The work of an order that is not stored; its icing is mixed by itself in so many minutes. */
    Group wished(Kept order, double mixingMinutes) {
        MixingOrder.Step base = MixingOrder.Step.base(mixingMinutes);
        return worked(
                List.of(order),
                shop.settings(),
                new Mixing(List.of(base), Set.of(), Map.of(), Map.of(), null),
                Map.of());
    }

    private Group worked(
            List<Kept> mixed, ShopSettings settings, Mixing mixing, Map<Long, Map<Integer, Double>> begun) {
        long leading = mixed.get(0).id();
        Map<Long, Integer> iced = new HashMap<>();
        Map<Long, Map<Integer, String>> gates = new HashMap<>();
        Map<Long, List<String>> leftOut = new HashMap<>();
        List<WorkList.Order> work = new ArrayList<>();
        for (Kept one : mixed) {
            List<String> lacks = new ArrayList<>();
            List<WorkList.Design> designs = new ArrayList<>();
            BaseRecipe recipe = planner.recipe(one.details());
            Kitchen kitchen = Planner.kitchen(settings, recipe, one.details());
            Tally tally = new Tally(recipe, settings.mean(Habit.BREAKAGE_PERCENT));
            for (Kept.KeptDesign design : one.designs()) {
                try {
                    Cookie cookie = cookies.measure(design.document(), kitchen);
                    int n = design.count() == 0 ? 0 : design.count() + tally.spares(design.count());
                    designs.add(new WorkList.Design(
                            design.id(),
                            n,
                            n == 0 ? 0 : bare(one.details(), settings),
                            cookie,
                            split(one, design.id())));
                    iced.put(design.id(), n);
                    Map<Integer, String> ofPass = new HashMap<>();
                    for (Passes.Pass pass : cookie.passes()) {
                        ofPass.put(pass.number(), pass.gate().name());
                    }
                    gates.put(design.id(), ofPass);
                } catch (Refused refused) {
                    lacks.add(design.document().name() + ": " + refused.getMessage());
                }
            }
            boolean leads = one.id() == leading;
            if (leads && mixing.trouble != null) {
                lacks.add("Mixing: " + mixing.trouble);
            }
            work.add(new WorkList.Order(
                    one.id(),
                    leading,
                    designs,
                    leads ? mixing.steps : List.of(),
                    mixing.deep,
                    mixing.mothers,
                    recipe.ofFreshWhite(),
                    mixed.size() > 1 || hasJoined(one) ? planner.bowlKeys(one) : Map.of(),
                    doughGrams(one, begun.getOrDefault(one.id(), Map.of()))));
            leftOut.put(one.id(), lacks);
        }
        return new Group(
                mixed,
                WorkList.of(work, settings.drying().times(settings.habits()), settings.habits()),
                mixing,
                iced,
                gates,
                leftOut,
                begun);
    }

    /** Of an order whose dough was not begun it matters to nothing how much it is. */
    private List<Double> doughGrams(Kept order, Map<Integer, Double> begun) {
        if (begun.isEmpty()) {
            return List.of();
        }
        try {
            return doughs.of(order, begun).stream()
                    .map(one -> one.dough().grams())
                    .toList();
        } catch (Refused refused) {
            return List.of();
        }
    }

    private static boolean hasJoined(Kept order) {
        return order.details().palette().stream().anyMatch(colour -> colour.joinedInto() != null);
    }

    private static int bare(OrderDetails details, ShopSettings settings) {
        return details.bareSpares() == null ? settings.pieces(Habit.BARE_SPARES) : details.bareSpares();
    }

    /** By which the wish that a tray is done in two halves is kept. */
    static String trayKey(long order, long design, int tray) {
        return order + " " + design + " tray " + tray;
    }

    private static Set<Integer> split(Kept order, long design) {
        Set<Integer> split = new HashSet<>();
        String of = order.id() + " " + design + " tray ";
        for (Map.Entry<String, Wish> one : order.details().clock().entrySet()) {
            String tray = one.getKey().startsWith(of) ? one.getKey().substring(of.length()) : "";
            if (Boolean.TRUE.equals(one.getValue().split()) && tray.matches("\\d{1,4}")) {
                split.add(Integer.parseInt(tray));
            }
        }
        return split;
    }

    private Mixing mixing(Kept leading) {
        try {
            MixingService.Steps mixed = mixings.steps(leading.id());
            Set<String> deep = new HashSet<>();
            Map<String, Flavour> flavours = mixed.pour().pour().flavours();
            Map<String, PourView.BowlColour> bowls = new HashMap<>();
            for (PourView.BowlColour bowl : mixed.colours()) {
                bowls.put(bowl.key(), bowl);
                Lab look = Lab.ofHex(bowl.hex());
                if (Flavour.leavesTint(flavours.get(bowl.key()))
                        && (look.l() < DEEP_LIGHTNESS || Math.hypot(look.a(), look.b()) > DEEP_CHROMA)) {
                    deep.add(bowl.key());
                }
            }
            Map<String, String> mothers = new HashMap<>();
            for (Pour.Bowl bowl : mixed.pour().pour().bowls()) {
                if (bowl.letDown() != null) {
                    mothers.put(bowl.colour(), bowl.letDown().mother());
                }
            }
            return new Mixing(mixed.steps(), deep, mothers, bowls, null);
        } catch (Refused refused) {
            return new Mixing(List.of(), Set.of(), Map.of(), Map.of(), refused.getMessage());
        }
    }
}
