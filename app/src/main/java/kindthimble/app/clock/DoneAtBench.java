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

/** Which tasks were done at the bench, all of whose parts were; and of a tray that is being iced how much is left. */
@Component
class DoneAtBench {
    private final BenchLog log;

    DoneAtBench(BenchLog log) {
        this.log = log;
    }

    /** What is left is told in steps of so much, so that not each cookie makes another plan. */
    private static final int STEP_SECONDS = 300;

    /**
     * @param doneAt by the key of a task, when the last of it was done; in seconds since the epoch
     * @param leftSeconds by the key of a tray that is being iced, about how long hands still take
     */
    record Progress(Map<String, Long> doneAt, Map<String, Integer> leftSeconds) {
        static final Progress NONE = new Progress(Map.of(), Map.of());

        Progress {
            doneAt = Map.copyOf(doneAt);
            leftSeconds = Map.copyOf(leftSeconds);
        }
    }

    Progress progress(Collection<WorkOfOrders.Group> groups) {
        List<Long> orders = groups.stream()
                .flatMap(group -> group.orders().stream())
                .map(Kept::id)
                .toList();
        Map<Long, Happened> happened = log.happened(orders);
        Map<String, Long> done = new HashMap<>();
        Map<String, Integer> left = new HashMap<>();
        if (happened.isEmpty()) {
            return Progress.NONE;
        }
        for (WorkOfOrders.Group group : groups) {
            for (Task task : group.tasks()) {
                Happened now = happened.getOrDefault(task.order(), Happened.NOTHING);
                doneAt(now, Parts.of(task, group.mixing().steps()))
                        .ifPresent(at -> done.put(task.key(), at.getEpochSecond()));
                if (task.doing() == Task.Work.ICE) {
                    left(now.steps().get(task.key()), task).ifPresent(seconds -> left.put(task.key(), seconds));
                }
            }
        }
        return new Progress(done, left);
    }

    /** What is iced is behind; what has to be iced once more is ahead again. */
    private static Optional<Integer> left(Happened.StepNow now, Task task) {
        if (now == null || now.isDone() || now.everIced().isEmpty()) {
            return Optional.empty();
        }
        int behind = now.iced().size() + now.broken().size();
        double left = (double) task.handSeconds() * Math.max(0, task.cookies() - behind) / task.cookies();
        return Optional.of(Math.max(1, (int) Math.ceil(left / STEP_SECONDS) * STEP_SECONDS));
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
