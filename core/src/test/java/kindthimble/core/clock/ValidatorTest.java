package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

/** Each way in which a plan can be wrong is found. */
class ValidatorTest {
    private static final Task BAKE = new Task("bake", Task.Work.BAKE, 1, 1, 0, 1, null, 12, 100, 500, List.of());
    private static final Task ALSO = new Task("also", Task.Work.BAKE, 1, 1, 0, 2, null, 12, 100, 500, List.of());
    private static final Task ICE = new Task(
            "ice", Task.Work.ICE, 1, 1, 1, 1, "white", 12, 300, 0, List.of(new Task.Wait("bake", 60, Task.Why.COOL)));
    private static final List<Task> TASKS = List.of(BAKE, ALSO, ICE);
    private static final List<Sitting> SITTINGS = List.of(new Sitting(0, 1_500));

    private static List<String> faults(long bake, long also, long ice, long due, Map<Long, Long> late) {
        return Validator.faults(
                TASKS,
                Map.of(1L, due),
                SITTINGS,
                new Schedule(
                        List.of(
                                new Schedule.Placed(BAKE, bake),
                                new Schedule.Placed(ALSO, also),
                                new Schedule.Placed(ICE, ice)),
                        late));
    }

    @Test
    void aGoodPlanHasNoFaults() {
        assertEquals(List.of(), faults(0, 500, 1_100, 1_500, Map.of()));
    }

    @Test
    void handsAndOvenAreOneEach() {
        assertTrue(faults(0, 50, 700, 1_500, Map.of()).toString().contains("the hands"));
        assertTrue(faults(0, 400, 1_100, 1_500, Map.of()).toString().contains("the oven"));
    }

    @Test
    void waitsSittingsAndHandOversAreKept() {
        assertTrue(faults(0, 700, 650, 1_500, Map.of()).toString().contains("does not wait"));
        assertTrue(faults(0, 500, 1_250, 2_000, Map.of()).toString().contains("sitting"));
        assertTrue(faults(0, 500, 1_100, 1_300, Map.of()).toString().contains("late"));
        assertEquals(List.of(), faults(0, 500, 1_100, 1_300, Map.of(1L, 100L)));
    }

    @Test
    void everyTaskIsThereOnce() {
        Schedule half = new Schedule(List.of(new Schedule.Placed(BAKE, 0), new Schedule.Placed(ALSO, 500)), Map.of());
        assertTrue(Validator.faults(TASKS, Map.of(1L, 9_000L), SITTINGS, half)
                .toString()
                .contains("not placed"));
        Schedule twice = new Schedule(
                List.of(
                        new Schedule.Placed(BAKE, 0),
                        new Schedule.Placed(BAKE, 700),
                        new Schedule.Placed(ALSO, 500),
                        new Schedule.Placed(ICE, 1_100)),
                Map.of());
        assertTrue(Validator.faults(TASKS, Map.of(1L, 9_000L), SITTINGS, twice)
                .toString()
                .contains("twice"));
    }
}
