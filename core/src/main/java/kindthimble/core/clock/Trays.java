package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.work.Task;

/**
 * Trays of one design that hold as many cookies and wait for the same are the same to a plan: a tray that takes of icing that was added later is not
 * the same as one before it. Numbered by when they are worked at, in each pass, a plan stays one that can be carried out: whatever the earliest of
 * them waits for is done no later than before.
 */
public final class Trays {
    private Trays() {}

    private record Of(long order, long design) {}

    private record Tray(long order, long design, int number) {}

    /** A wait, by what it is to its tray: with the pass where it is for one of the tray's own, with the key of the task where it is for another. */
    private record Kind(Task.Work doing, int pass, String task, int seconds, int most, Task.Why why) {}

    private record Alike(long order, long design, Task.Work doing, int pass, int cookies, Set<Kind> waits) {}

    /** Tasks that can take each other's place, each group by the number of the tray. */
    public static List<List<Task>> alike(Problem problem) {
        Map<Tray, List<Task>> trays = new LinkedHashMap<>();
        for (Task task : problem.tasks()) {
            if (task.tray() > 0 && (task.doing() == Task.Work.ICE || task.doing() == Task.Work.PACK)) {
                trays.computeIfAbsent(new Tray(task.order(), task.design(), task.tray()), key -> new ArrayList<>())
                        .add(task);
            }
        }
        Map<Alike, List<Task>> groups = new LinkedHashMap<>();
        for (List<Task> tray : trays.values()) {
            Set<Kind> waits = waits(tray);
            for (Task task : tray) {
                groups.computeIfAbsent(
                                new Alike(
                                        task.order(), task.design(), task.doing(), task.pass(), task.cookies(), waits),
                                key -> new ArrayList<>())
                        .add(task);
            }
        }
        // Of a design of which one tray is bound to a time, each tray is unlike the others in all its passes.
        Set<String> bound = new HashSet<>(problem.pins().keySet());
        bound.addAll(problem.notBefore().keySet());
        Set<Of> unlike = new HashSet<>();
        groups.values()
                .forEach(group -> group.stream()
                        .filter(task -> bound.contains(task.key()))
                        .forEach(task -> unlike.add(new Of(task.order(), task.design()))));
        groups.values()
                .removeIf(group -> group.size() < 2
                        || unlike.contains(
                                new Of(group.get(0).order(), group.get(0).design())));
        return List.copyOf(groups.values());
    }

    private static Set<Kind> waits(List<Task> tray) {
        Map<String, Integer> own = new HashMap<>();
        tray.forEach(task -> own.put(task.key(), task.pass()));
        Set<Kind> waits = new HashSet<>();
        for (Task task : tray) {
            for (Task.Wait wait : task.waits()) {
                Integer pass = own.get(wait.task());
                waits.add(new Kind(
                        task.doing(),
                        task.pass(),
                        pass == null ? wait.task() : "pass " + pass,
                        wait.seconds(),
                        wait.mostSeconds(),
                        wait.why()));
            }
        }
        return waits;
    }

    /** The same plan with trays that are alike worked at in the order of their numbers. */
    public static List<Schedule.Placed> inOrder(Problem problem, List<Schedule.Placed> placed) {
        Map<String, Schedule.Placed> at = new HashMap<>();
        placed.forEach(one -> at.put(one.task().key(), one));
        for (List<Task> group : alike(problem)) {
            List<Schedule.Placed> byStart = group.stream()
                    .map(task -> at.get(task.key()))
                    .sorted(Comparator.comparingLong(Schedule.Placed::start))
                    .toList();
            for (int i = 0; i < group.size(); i++) {
                Task task = group.get(i);
                at.put(
                        task.key(),
                        new Schedule.Placed(
                                task, byStart.get(i).start(), byStart.get(i).hands()));
            }
        }
        return List.copyOf(at.values());
    }
}
