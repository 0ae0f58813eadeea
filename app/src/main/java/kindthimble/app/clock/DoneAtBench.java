package kindthimble.app.clock;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.order.Kept;
import kindthimble.core.bench.Happened;
import kindthimble.core.work.Parts;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Component;

/** Which tasks were done at the bench: all of whose parts were. */
@Component
class DoneAtBench {
    private final BenchLog log;

    DoneAtBench(BenchLog log) {
        this.log = log;
    }

    /** By the key of a task, when the last of it was done; in seconds since the epoch. */
    Map<String, Long> done(Collection<WorkOfOrders.Group> groups) {
        List<Long> orders = groups.stream()
                .flatMap(group -> group.orders().stream())
                .map(Kept::id)
                .toList();
        Map<Long, Happened> happened = log.happened(orders);
        Map<String, Long> done = new HashMap<>();
        if (happened.isEmpty()) {
            return done;
        }
        for (WorkOfOrders.Group group : groups) {
            for (Task task : group.tasks()) {
                Happened now = happened.getOrDefault(task.order(), Happened.NOTHING);
                doneAt(now, Parts.of(task, group.mixing().steps()))
                        .ifPresent(at -> done.put(task.key(), at.getEpochSecond()));
            }
        }
        return done;
    }

    private static Optional<Instant> doneAt(Happened now, List<String> parts) {
        Instant last = null;
        for (String part : parts) {
            Happened.StepNow step = now.steps().get(part);
            if (step == null || !step.isDone()) {
                return Optional.empty();
            }
            last = last == null || step.doneAt().isAfter(last) ? step.doneAt() : last;
        }
        return Optional.ofNullable(last);
    }
}
