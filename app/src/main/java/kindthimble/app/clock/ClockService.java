package kindthimble.app.clock;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.http.NotThere;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.plan.Planner;
import kindthimble.app.shop.ShopService;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.work.WetRehearsal;
import kindthimble.core.work.WorkList;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows an order on the clock, among all that are ahead. */
@Service
@Transactional(readOnly = true)
class ClockService {
    private final Orders orders;
    private final Planning planning;
    private final Planner planner;
    private final CookieService cookies;
    private final ShopService shop;
    private final Clock clock;

    ClockService(
            Orders orders, Planning planning, Planner planner, CookieService cookies, ShopService shop, Clock clock) {
        this.orders = orders;
        this.planning = planning;
        this.planner = planner;
        this.cookies = cookies;
        this.shop = shop;
        this.clock = clock;
    }

    ClockView view(long id) {
        Kept order = orders.order(id);
        ShopSettings settings = shop.settings();
        long ready =
                WorkList.readySeconds(Week.seconds(order.details().handOver(), clock.getZone()), settings.habits());
        if (ready <= clock.instant().getEpochSecond()) {
            return nothing(
                    order,
                    settings,
                    "The hand-over is past, or nearer than the time that stays in hand before it. Set it on Set.");
        }
        Plan plan = planning.plan();
        if (plan.without().containsKey(id)) {
            return nothing(order, settings, plan.without().get(id));
        }
        if (plan.week().order(id) == null) {
            return nothing(
                    order,
                    settings,
                    "The clock shows the next forty orders of three months. This one is further ahead.");
        }
        if (plan.schedule().placed().stream().noneMatch(placed -> placed.task().order() == id)) {
            boolean isDone =
                    plan.week().atBench().doneAt().keySet().stream().anyMatch(task -> task.startsWith(id + " "))
                            || order.details().clock().values().stream().anyMatch(wish -> wish.done() != null);
            return nothing(
                    order,
                    settings,
                    isDone ? "All of it is done." : "There is nothing to ice yet: draw a cookie first.");
        }
        return new ClockShown(plan, planning.canSearch()).of(order, now());
    }

    /**
     * @throws NotThere when the order has no such design
     */
    List<WetRehearsal> rehearsal(long id, long design) {
        Kept order = orders.order(id);
        Kitchen kitchen = planner.kitchen(order.details());
        return order.designs().stream()
                .filter(one -> one.id() == design)
                .findFirst()
                .map(one -> WetRehearsal.of(cookies.measure(one.document(), kitchen), kitchen.habits()))
                .orElseThrow(() -> new NotThere("design"));
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock);
    }

    private ClockView nothing(Kept order, ShopSettings settings, String trouble) {
        return ClockShown.nothing(now(), order.details().handOver(), settings, trouble);
    }
}
