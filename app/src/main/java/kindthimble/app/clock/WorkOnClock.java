package kindthimble.app.clock;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import kindthimble.app.http.NotThere;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.plan.PourView;
import kindthimble.core.clock.Schedule;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work of an order with when the clock has it, for those who do it. */
@Service
@Transactional(readOnly = true)
public class WorkOnClock {
    private final Orders orders;
    private final WorkOfOrders works;
    private final Planning planning;

    WorkOnClock(Orders orders, WorkOfOrders works, Planning planning) {
        this.orders = orders;
        this.works = works;
        this.planning = planning;
    }

    /**
     * @param task what is done
     * @param from when the clock has it; null where it is done, or finds no time
     * @param by whose hands; empty for the decorator's own
     */
    public record Piece(Task task, @Nullable LocalDateTime from, String by) {}

    /**
     * What is next of another order.
     *
     * @param order whose it is
     * @param piece what is done, and when
     * @param bowl name of the bowl that it is about, as its mixing has it; null for none
     */
    public record Next(Kept order, Piece piece, @Nullable String bowl) {}

    /**
     * All of an order, and what it is mixed with.
     *
     * @param order whose work it is
     * @param leading the order that leads the mixing
     * @param mixed all orders that are mixed together
     * @param pieces its work, and the mixing that it shares
     * @param shared the work of all of them
     * @param leftOut what could not be put on the clock, with why
     * @param others what is next of each other order, by when that is
     */
    public record Work(
            Kept order,
            Kept leading,
            List<Kept> mixed,
            List<Piece> pieces,
            List<Task> shared,
            List<String> leftOut,
            List<Next> others) {}

    /**
     * @throws NotThere when there is no such order
     */
    public Work of(long id) {
        Plan plan = planning.plan();
        Map<String, Schedule.Placed> at = new HashMap<>();
        plan.schedule().placed().forEach(placed -> at.put(placed.task().key(), placed));
        return work(id, task -> piece(plan.week(), task, at.get(task.key())), others(id, plan));
    }

    /**
     * The same before anything is planned.
     *
     * @throws NotThere when there is no such order
     */
    public Work unplanned(long id) {
        return work(id, task -> new Piece(task, null, ""), List.of());
    }

    private static List<Next> others(long id, Plan plan) {
        Map<Long, Schedule.Placed> first = new HashMap<>();
        for (Schedule.Placed placed : plan.schedule().placed()) {
            if (placed.task().order() != id) {
                first.merge(placed.task().order(), placed, (one, other) -> one.start() <= other.start() ? one : other);
            }
        }
        return first.values().stream()
                .filter(placed -> plan.week().order(placed.task().order()) != null)
                .sorted(Comparator.comparingLong(Schedule.Placed::start))
                .map(placed -> next(plan.week(), placed))
                .toList();
    }

    private static Next next(Week week, Schedule.Placed placed) {
        PourView.BowlColour bowl = placed.task().design() == 0 ? week.bowl(placed.task()) : null;
        return new Next(
                week.order(placed.task().order()),
                piece(week, placed.task(), placed),
                bowl == null ? null : bowl.name());
    }

    private Work work(long id, Function<Task, Piece> piece, List<Next> others) {
        Kept order = orders.order(id);
        WorkOfOrders.Group group = works.of(order);
        List<Piece> pieces = group.tasks().stream()
                .filter(task -> task.order() == id
                        || task.order() == group.leading()
                                && (task.doing() == Task.Work.BASE || task.doing() == Task.Work.BOWL))
                .map(piece)
                .toList();
        return new Work(
                order,
                group.orders().get(0),
                group.orders(),
                pieces,
                group.tasks(),
                group.leftOut().getOrDefault(id, List.of()),
                others);
    }

    private static Piece piece(Week week, Task task, Schedule.Placed placed) {
        return placed == null
                ? new Piece(task, null, "")
                : new Piece(
                        task,
                        week.wall(placed.start()),
                        week.problem().hands().get(placed.hands()).name());
    }
}
