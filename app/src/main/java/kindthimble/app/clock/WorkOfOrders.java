package kindthimble.app.clock;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Planned;
import kindthimble.app.plan.Planner;
import kindthimble.app.shop.ShopService;
import kindthimble.core.design.Cookie;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Tally;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.springframework.stereotype.Component;

/** The work of orders, those that are mixed as one together; remembered until one of them, or the shop, is another. */
@Component
class WorkOfOrders {
    private static final int REMEMBERED = 200;

    private final Together together;
    private final Planner planner;
    private final CookieService cookies;
    private final ShopService shop;
    private final ShopRevision shopRevision;
    private final Cache<Key, Group> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    WorkOfOrders(
            Together together, Planner planner, CookieService cookies, ShopService shop, ShopRevision shopRevision) {
        this.together = together;
        this.planner = planner;
        this.cookies = cookies;
        this.shop = shop;
        this.shopRevision = shopRevision;
    }

    private record Version(long order, long revision) {}

    private record Key(List<Version> orders, long shop) {}

    /**
     * @param leading number of the order that leads the mixing
     * @param orders numbers of all of them
     * @param tasks of all of them
     * @param iced by design, how many are iced
     * @param gates by design and pass, what has to have come before it
     * @param leftOut by order, what could not be put on the clock, with why
     */
    record Group(
            long leading,
            List<Long> orders,
            List<Task> tasks,
            Map<Long, Integer> iced,
            Map<Long, Map<Integer, String>> gates,
            Map<Long, List<String>> leftOut) {}

    /** The work of an order and of those mixed with it. */
    Group of(Kept order) {
        List<Kept> mixed = together.mixedWith(order);
        Key key = new Key(
                mixed.stream().map(one -> new Version(one.id(), one.revision())).toList(), shopRevision.now());
        Group there = known.getIfPresent(key);
        if (there == null) {
            there = worked(mixed);
            known.put(key, there);
        }
        return there;
    }

    private Group worked(List<Kept> mixed) {
        Habits habits = shop.settings().habits();
        long leading = mixed.get(0).id();
        Map<Long, Integer> iced = new HashMap<>();
        Map<Long, Map<Integer, String>> gates = new HashMap<>();
        Map<Long, List<String>> leftOut = new HashMap<>();
        List<WorkList.Order> work = new ArrayList<>();
        for (Kept one : mixed) {
            List<String> lacks = new ArrayList<>();
            List<WorkList.Design> designs = new ArrayList<>();
            Tally tally = new Tally(planner.recipe(one.details()), habits.mean(Habit.BREAKAGE_PERCENT));
            for (Kept.KeptDesign design : one.designs()) {
                try {
                    Kitchen kitchen = planner.kitchen(one.details());
                    Cookie cookie = cookies.measure(design.document(), kitchen);
                    int n = design.count() == 0 ? 0 : design.count() + tally.spares(design.count());
                    designs.add(new WorkList.Design(design.id(), n, cookie));
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
            work.add(new WorkList.Order(
                    one.id(), leading, designs, one.id() == leading ? mixing(leading, lacks) : List.of()));
            leftOut.put(one.id(), lacks);
        }
        return new Group(
                leading, mixed.stream().map(Kept::id).toList(), WorkList.of(work, habits), iced, gates, leftOut);
    }

    private List<MixingOrder.Step> mixing(long leading, List<String> lacks) {
        try {
            Planned planned = planner.plan(leading);
            return MixingOrder.of(planned.view().pour(), planned.kitchen());
        } catch (Refused refused) {
            lacks.add("Mixing: " + refused.getMessage());
            return List.of();
        }
    }
}
