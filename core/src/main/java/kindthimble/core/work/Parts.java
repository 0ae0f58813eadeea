package kindthimble.core.work;

import java.util.List;
import java.util.stream.IntStream;
import kindthimble.core.pour.MixingOrder;

/**
 * What a task is done in at the bench: mixing batch by batch, a bowl step by step of its ladder, all else in one. A task is done when all of its parts
 * are.
 */
public final class Parts {
    private Parts() {}

    /** The steps of the mixing that a task is; none where it is no mixing. */
    public static List<MixingOrder.Step> steps(Task task, List<MixingOrder.Step> mixing) {
        return mixing.stream()
                .filter(step -> MixingTasks.key(task.order(), step).equals(task.key()))
                .toList();
    }

    /**
     * Keys of the parts, in order.
     *
     * @param mixing all steps of the order's mixing
     */
    public static List<String> of(Task task, List<MixingOrder.Step> mixing) {
        int parts = steps(task, mixing).size();
        return parts == 0
                ? List.of(task.key())
                : IntStream.range(0, parts)
                        .mapToObj(i -> task.key() + " part " + i)
                        .toList();
    }
}
