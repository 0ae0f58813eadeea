package kindthimble.app.dough;

import java.util.List;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Planner;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.dough.Dough;
import kindthimble.core.dough.Rolled;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.work.Oven;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says how an order's cookies are cut and baked. */
@Service
@Transactional(readOnly = true)
class DoughService {
    private final Orders orders;
    private final Planner planner;
    private final CookieService cookies;

    DoughService(Orders orders, Planner planner, CookieService cookies) {
        this.orders = orders;
        this.planner = planner;
        this.cookies = cookies;
    }

    BakingView view(long id) {
        Kept order = orders.order(id);
        Kitchen kitchen = planner.kitchen(order.details());
        DoughView dough = planner.dough(order);
        List<Dough.Cut> cuts = planner.cuts(order);
        return new BakingView(
                dough,
                Rolled.of(cuts, dough.dough().grams(), dough.rolledMm(), kitchen.habits()),
                cuts.stream()
                        .map(cut -> baked(cut, document(order, cut.design()), dough.rolledMm(), kitchen))
                        .toList());
    }

    private static Design document(Kept order, long design) {
        return order.designs().stream()
                .filter(one -> one.id() == design)
                .findFirst()
                .orElseThrow()
                .document();
    }

    private BakingView.Baked baked(Dough.Cut cut, Design document, double thick, Kitchen kitchen) {
        Cookie cookie = cookies.measure(document, kitchen);
        Region cutter = cut.cutter();
        Box box = cutter.box();
        Region shape = cookie.tops().stream()
                .filter(top -> top.move() == cut.top())
                .findFirst()
                .map(Cookie.Top::baked)
                .orElse(cookie.baked());
        int load = Oven.load(shape, kitchen.habits());
        return new BakingView.Baked(
                cut.design(),
                cut.top(),
                cut.top() == Dough.Cut.NONE ? document.name() : document.name() + ", small on top",
                cutter.moved(-box.x() - box.widthMm() / 2, -box.y() - box.heightMm() / 2)
                        .pathData(),
                cut.iced(),
                cut.bare(),
                Dough.pieceGrams(cutter.areaMm2(), thick, kitchen.habits()),
                Oven.onTray(shape, kitchen.habits()),
                (cut.pieces() + load - 1) / load,
                Oven.minutes(shape, kitchen.habits()));
    }
}
