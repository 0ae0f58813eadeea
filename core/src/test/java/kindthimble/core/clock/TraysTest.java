package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

/** Trays that can take each other's place, and trays that can't. */
class TraysTest {
    private static final int HOUR = 3_600;

    private static Task bowl(String key) {
        return new Task(key, Task.Work.BOWL, 1, 0, 0, 0, null, 0, HOUR, 0, List.of());
    }

    private static Task iced(int pass, int tray, Task.Wait... waits) {
        return new Task(
                "pass " + pass + " tray " + tray,
                Task.Work.ICE,
                1,
                1,
                pass,
                tray,
                null,
                9,
                HOUR,
                0,
                List.of(waits),
                "tray " + tray);
    }

    private static Task.Wait needs(String bowl) {
        return new Task.Wait(bowl, 0, Task.Why.NEEDS);
    }

    private static Task.Wait gate(int tray, int seconds) {
        return new Task.Wait("pass 1 tray " + tray, seconds, Task.Why.GATE);
    }

    /** The tasks one after the other, each an hour, in the order of the keys. */
    private static Schedule oneAfterTheOther(Problem problem, String... keys) {
        List<Schedule.Placed> placed = new ArrayList<>();
        for (String key : keys) {
            Task task = problem.tasks().stream()
                    .filter(one -> one.key().equals(key))
                    .findFirst()
                    .orElseThrow();
            placed.add(new Schedule.Placed(task, placed.size() * (long) HOUR, 0));
        }
        return Greedy.schedule(problem, placed);
    }

    private static Problem problem(Task... tasks) {
        return Problem.of(List.of(tasks), Map.of(1L, 20L * HOUR), List.of(new Sitting(0, 20 * HOUR)));
    }

    private static List<String> order(Schedule schedule) {
        return schedule.placed().stream().map(one -> one.task().key()).toList();
    }

    @Test
    void alikeTheyAreWorkedAtInTheOrderOfTheirNumbers() {
        Problem problem = problem(
                bowl("blue"),
                iced(1, 1, needs("blue")),
                iced(1, 2, needs("blue")),
                iced(2, 1, gate(1, HOUR)),
                iced(2, 2, gate(2, HOUR)));
        Schedule plan =
                oneAfterTheOther(problem, "blue", "pass 1 tray 2", "pass 1 tray 1", "pass 2 tray 2", "pass 2 tray 1");
        assertEquals(List.of("blue", "pass 1 tray 1", "pass 1 tray 2", "pass 2 tray 1", "pass 2 tray 2"), order(plan));
        assertEquals(List.of(), Validator.faults(problem, plan));
    }

    /** What was mixed more is there before what was mixed first: the tray that takes of it is iced, the other one waits for its bowl. */
    @Test
    void aTrayOfAnotherBowlKeepsItsPlace() {
        Problem problem =
                problem(bowl("blue"), bowl("more blue"), iced(1, 1, needs("blue")), iced(1, 2, needs("more blue")));
        Schedule plan = oneAfterTheOther(problem, "more blue", "pass 1 tray 2", "blue", "pass 1 tray 1");
        assertEquals(List.of("more blue", "pass 1 tray 2", "blue", "pass 1 tray 1"), order(plan));
        assertEquals(List.of(), Validator.faults(problem, plan));
    }

    /** Unlike in their first pass, they are unlike in the second, which waits for nothing but the first. */
    @Test
    void unlikeInOnePassIsUnlikeInAll() {
        Problem problem = problem(
                bowl("blue"),
                bowl("more blue"),
                iced(1, 1, needs("blue")),
                iced(1, 2, needs("more blue")),
                iced(2, 1, gate(1, 0)),
                iced(2, 2, gate(2, 0)));
        Schedule plan = oneAfterTheOther(
                problem, "more blue", "pass 1 tray 2", "pass 2 tray 2", "blue", "pass 1 tray 1", "pass 2 tray 1");
        assertEquals(List.of(), Validator.faults(problem, plan));
    }
}
