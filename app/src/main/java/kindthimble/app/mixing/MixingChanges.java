package kindthimble.app.mixing;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.order.MixedAs;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Frozen;
import kindthimble.app.plan.FrozenJson;
import kindthimble.app.plan.Member;
import kindthimble.app.plan.Planned;
import kindthimble.app.plan.Planner;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.stock.Takings;
import kindthimble.app.tint.GelService;
import kindthimble.core.words.Refused;
import kindthimble.core.work.DoughTasks;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is done to a mixing: it is started by the plan as it is, given up, joined, parted, and jars are set aside for it. Each is a step that can be taken back. */
@Service
@Transactional
public class MixingChanges {
    private final MixingService shown;
    private final MixingRepository mixings;
    private final Orders orders;
    private final Together together;
    private final Planner planner;
    private final ShelfService shelf;
    private final GelService gels;
    private final Takings takings;
    private final FrozenJson json;
    private final JsonMapper wire;
    private final History history;
    private final Clock clock;

    MixingChanges(
            MixingService shown,
            MixingRepository mixings,
            Orders orders,
            Together together,
            Planner planner,
            ShelfService shelf,
            GelService gels,
            Takings takings,
            FrozenJson json,
            JsonMapper wire,
            History history,
            Clock clock) {
        this.shown = shown;
        this.mixings = mixings;
        this.orders = orders;
        this.together = together;
        this.planner = planner;
        this.shelf = shelf;
        this.gels = gels;
        this.takings = takings;
        this.json = json;
        this.wire = wire;
        this.history = history;
        this.clock = clock;
    }

    /** Whether the mixing that an order leads goes by a plan that was kept. */
    @Transactional(readOnly = true)
    public boolean hasStarted(long leading) {
        return mixings.existsById(leading);
    }

    /** Keeps the plan as it is now; later changes show as differences to it. */
    public MixingView start(long order) {
        orders.forChange(order);
        long leading = together.leading(order);
        if (!mixings.existsById(leading)) {
            Planned now = planner.plan(leading);
            if (now.view().pour().bowls().isEmpty()) {
                throw new Refused("", "There is nothing to mix yet: no design of this order has icing on it.");
            }
            mixings.saveAndFlush(new MixingEntity(
                    leading,
                    clock.instant().truncatedTo(ChronoUnit.SECONDS),
                    json.written(new Frozen(
                            Frozen.FORMAT,
                            together.mixedWith(leading).stream().map(Member::of).toList(),
                            now.view(),
                            now.kitchen().shop(),
                            now.kitchen().recipe(),
                            new Bowls(now.tinter(), now.view()).tints(),
                            gels.bottles(),
                            List.of()))));
            keep(order, started(leading, null, stored(leading)));
        }
        return shown.view(order);
    }

    /** Keeps what is still to be mixed as it is now, as the plan was kept; what changes later is mixed beside it. */
    public MixingView mixMore(long order) {
        orders.forChange(order);
        long leading = together.leading(order);
        BegunMixing begun = shown.begun(leading)
                .orElseThrow(() -> new Refused("", "Mixing has not started: the plan still follows the order."));
        if (begun.more() == null || begun.more().pour().pour().bowls().isEmpty()) {
            throw new Refused("", "There is no more to mix.");
        }
        keepFrozen(order, leading, begun.frozen().with(begun.additions()));
        return shown.view(order);
    }

    /** Keeps the last of what was mixed more no longer: it follows the orders again. */
    public MixingView mixNoMore(long order) {
        orders.forChange(order);
        long leading = together.leading(order);
        List<Frozen.Addition> kept =
                shown.begun(leading).map(begun -> begun.frozen().additions()).orElse(List.of());
        if (kept.isEmpty()) {
            throw new Refused("", "Nothing was mixed more.");
        }
        boolean isBegun = takings.standing(List.of(leading)).keySet().stream()
                .anyMatch(step -> step.startsWith(leading + " more " + kept.size() + " ")
                        && !step.equals(DoughTasks.key(leading, kept.size())));
        if (isBegun) {
            throw new Refused("", "It is being mixed at the bench already. Take it back there first.");
        }
        keepFrozen(order, leading, shown.begun(leading).orElseThrow().frozen().with(kept.subList(0, kept.size() - 1)));
        return shown.view(order);
    }

    private void keepFrozen(long order, long leading, Frozen frozen) {
        JsonNode before = stored(leading);
        Instant startedAt = mixings.findById(leading).orElseThrow().startedAt();
        mixings.saveAndFlush(new MixingEntity(leading, startedAt, json.written(frozen)));
        keep(order, started(leading, before, stored(leading)));
    }

    /** How many additions are kept of the mixing that an order leads. */
    @Transactional(readOnly = true)
    public int additions(long leading) {
        return shown.begun(leading)
                .map(begun -> begun.frozen().additions().size())
                .orElse(0);
    }

    /** Gives the frozen plan up: the mixing is planned afresh. */
    public MixingView restart(long order) {
        orders.forChange(order);
        long leading = together.leading(order);
        JsonNode before = stored(leading);
        if (before != null) {
            mixings.deleteById(leading);
            mixings.flush();
            keep(order, started(leading, before, null));
        }
        return shown.view(order);
    }

    /**
     * Has a mixing started by a plan that was kept before, or not started, as a step of the history says.
     *
     * @param kept as it stands in the history; null for not started
     */
    public void putStarted(long leading, JsonNode kept) {
        if (mixings.existsById(leading)) {
            mixings.deleteById(leading);
            mixings.flush();
        }
        if (kept != null && !kept.isNull()) {
            mixings.saveAndFlush(new MixingEntity(
                    leading,
                    Instant.parse(kept.get("startedAt").asString()),
                    kept.get("frozen").asString()));
        }
        orders.touch(leading);
    }

    private JsonNode stored(long leading) {
        return mixings.findById(leading)
                .map(mixing -> (JsonNode) wire.createObjectNode()
                        .put("startedAt", mixing.startedAt().toString())
                        .put("frozen", mixing.frozen()))
                .orElse(null);
    }

    private static Edit started(long leading, JsonNode was, JsonNode now) {
        return new Edit("/started/" + leading, was, now);
    }

    private void keep(long order, Edit edit) {
        orders.touch(order);
        history.keep(order, null, List.of(edit));
    }

    /** Mixes another order together with this one; where one of the two has started, the other joins that. */
    public MixingView mixWith(long order, long other) {
        boolean hasStarted = mixings.existsById(together.leading(order));
        boolean otherHasStarted = mixings.existsById(together.leading(other));
        if (hasStarted && otherHasStarted && together.leading(order) != together.leading(other)) {
            throw new Refused(
                    "", "Both are being mixed already, each by a plan of its own. Plan one of them afresh first.");
        }
        keepMixing(order, otherHasStarted ? together.mixTogether(other, order) : together.mixTogether(order, other));
        return shown.view(order);
    }

    /** Has another order mixed alone again. */
    MixingView part(long order, long other) {
        if (together.leading(order) != together.leading(other)) {
            throw new Refused("", "These two are not mixed together.");
        }
        if (mixings.existsById(together.leading(order))) {
            throw new Refused("", "They are being mixed as one already. Plan afresh first, then part them.");
        }
        keepMixing(order, together.part(other));
        return shown.view(order);
    }

    private void keepMixing(long order, Map<Long, MixedAs> before) {
        history.keep(
                order,
                null,
                before.entrySet().stream()
                        .map(one -> new Edit(
                                "/mixing/" + one.getKey(),
                                wire.valueToTree(one.getValue()),
                                wire.valueToTree(together.mixedAs(one.getKey()))))
                        .toList());
    }

    /** Sets a jar aside for an order, or back on the shelf. */
    MixingView takeJar(long order, long jar, boolean taken) {
        orders.forChange(order);
        Long before = shelf.setOrder(jar, taken ? order : null);
        keep(
                order,
                new Edit("/jars/" + jar + "/order", wire.valueToTree(before), wire.valueToTree(taken ? order : null)));
        return shown.view(order);
    }
}
