package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.hours.Sitting;
import kindthimble.core.testing.Weeks;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

class ChainTest {
    private static final int HOUR = 3_600;

    private static Task task(String key, Task.Wait... waits) {
        return new Task(key, Task.Work.ICE, 1, 1, 1, 0, null, 1, HOUR, 0, List.of(waits));
    }

    private static final Task EARLY = task("early");
    private static final Task FLOOD = task("flood");
    private static final Task BETWEEN = task("between");
    private static final Task LINE = task("line", new Task.Wait("flood", 2 * HOUR, Task.Why.GATE));
    private static final Problem PROBLEM = Problem.of(
            List.of(EARLY, FLOOD, BETWEEN, LINE), Map.of(1L, 10L * HOUR), List.of(new Sitting(0, 12 * HOUR)));
    private static final Schedule SCHEDULE = new Schedule(
            List.of(
                    new Schedule.Placed(EARLY, 3L * HOUR, 0),
                    new Schedule.Placed(FLOOD, 6L * HOUR, 0),
                    new Schedule.Placed(BETWEEN, 8L * HOUR, 0),
                    new Schedule.Placed(LINE, 9L * HOUR, 0)),
            Map.of(),
            Set.of(),
            Set.of());

    /** The line ends when all has to be ready, the flood waits for nothing but its gate; what comes early could wait until the flood. */
    @Test
    void slackIsWhatHandsAndWaitsLeave() {
        assertEquals(
                Map.of("early", 2L * HOUR, "flood", 0L, "between", 0L, "line", 0L), Chain.slack(PROBLEM, SCHEDULE));
    }

    @Test
    void theChainGoesFromTheFirstThatCanNotWaitToTheEnd() {
        List<Chain.Link> links = Chain.of(PROBLEM, SCHEDULE, 1);
        assertEquals(
                List.of("flood", "line"),
                links.stream().map(link -> link.placed().task().key()).toList());
        assertEquals(Chain.Because.WAIT, links.get(0).because());
        assertEquals(Task.Why.GATE, links.get(0).why());
        assertEquals(Chain.Because.READY, links.get(1).because());
        assertEquals(List.of(), Chain.of(PROBLEM, SCHEDULE, 2));
    }

    /** Whole weeks: no slack is negative, and the last of each chain is what has to be ready. */
    @Test
    void chainsOfWeeksEndWithTheHandOver() {
        Problem problem = Weeks.of(2, 4, 3, 7);
        Schedule schedule = Greedy.of(problem);
        assertTrue(Chain.slack(problem, schedule).values().stream().allMatch(slack -> slack >= 0));
        for (long order = 1; order <= 4; order++) {
            List<Chain.Link> links = Chain.of(problem, schedule, order);
            for (int i = 1; i < links.size(); i++) {
                assertTrue(links.get(i - 1).placed().start()
                        <= links.get(i).placed().start());
            }
        }
    }

    /** Late: the flood has to wait for the work before it in the same hands, the line for the flood; what is between decides nothing. */
    @Test
    void ofALateOrderTheChainIsWhatKeepsItsEndFromBeingEarlier() {
        Task other = new Task("other", Task.Work.ICE, 2, 2, 1, 0, null, 1, HOUR, 0, List.of());
        Problem problem = Problem.of(
                List.of(other, FLOOD, BETWEEN, LINE),
                Map.of(1L, 3L * HOUR, 2L, 2L * HOUR),
                List.of(new Sitting(0, 2 * HOUR), new Sitting(4 * HOUR, 12 * HOUR)));
        Schedule late = new Schedule(
                List.of(
                        new Schedule.Placed(other, 0, 0),
                        new Schedule.Placed(FLOOD, HOUR, 0),
                        new Schedule.Placed(BETWEEN, 5L * HOUR, 0),
                        new Schedule.Placed(LINE, 6L * HOUR, 0)),
                Map.of(1L, 4L * HOUR),
                Set.of(),
                Set.of());
        assertEquals(List.of(), Validator.faults(problem, late));
        List<Chain.Link> links = Chain.of(problem, late, 1);
        // The line could begin at five, after the one between that could begin at four, where the sitting does.
        assertEquals(
                List.of("other", "flood", "between", "line"),
                links.stream().map(link -> link.placed().task().key()).toList());
        assertEquals(
                List.of(Chain.Because.HANDS, Chain.Because.SITTING, Chain.Because.HANDS, Chain.Because.READY),
                links.stream().map(Chain.Link::because).toList());

        Problem gated = problem.withTasks(List.of(other, FLOOD, BETWEEN, task("line", wait(5))));
        Schedule waiting = Greedy.schedule(
                gated,
                List.of(
                        new Schedule.Placed(other, 0, 0),
                        new Schedule.Placed(FLOOD, HOUR, 0),
                        new Schedule.Placed(BETWEEN, 5L * HOUR, 0),
                        new Schedule.Placed(gated.tasks().get(3), 7L * HOUR, 0)));
        assertEquals(
                List.of(Chain.Because.HANDS, Chain.Because.WAIT, Chain.Because.READY),
                Chain.of(gated, waiting, 1).stream().map(Chain.Link::because).toList());
    }

    private static Task.Wait wait(int hours) {
        return new Task.Wait("flood", hours * HOUR, Task.Why.GATE);
    }
}
