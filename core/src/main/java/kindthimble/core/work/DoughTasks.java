package kindthimble.core.work;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.design.Cookie;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/** An order's dough as tasks: one, and one more for each time that more was made since; loads are cut out of them in their order. */
public final class DoughTasks {
    private static final int MINUTE = 60;

    private final Habits habits;
    private final List<Task> tasks = new ArrayList<>();

    /** By making, up to which share of all that is cut it goes; the last one to 1. */
    private final List<Double> reach = new ArrayList<>();

    private final double allMm2;
    private double cutMm2;

    DoughTasks(WorkList.Order order, Habits habits) {
        this.habits = habits;
        allMm2 = order.designs().stream().mapToDouble(DoughTasks::areaMm2).sum();
        if (allMm2 <= 0) {
            return;
        }
        int makings = Math.max(1, order.doughGrams().size());
        double all = order.doughGrams().stream().mapToDouble(grams -> grams).sum();
        double before = 0;
        for (int nth = 0; nth < makings; nth++) {
            tasks.add(Task.made(
                    key(order.id(), nth),
                    Task.Work.DOUGH,
                    order.id(),
                    nth,
                    null,
                    (int) Math.round(habits.mean(Habit.DOUGH_MINUTES) * MINUTE),
                    List.of()));
            before += nth == makings - 1 ? 0 : order.doughGrams().get(nth);
            reach.add(nth == makings - 1 ? 1 : before / all);
        }
    }

    /**
     * The key of the task that an order's dough is.
     *
     * @param nth 0 for the first; from 1 on which of those that were made since
     */
    public static String key(long order, int nth) {
        return order + (nth == 0 ? " dough" : " more " + nth + " dough");
    }

    private static double areaMm2(WorkList.Design design) {
        double each = design.cookie().baked().areaMm2();
        for (Cookie.Top top : design.cookie().tops()) {
            each += top.each() * top.baked().areaMm2();
        }
        return design.cookies() > 0 ? design.baked() * each : 0;
    }

    List<Task> tasks() {
        return tasks;
    }

    /** What the next load waits for: the dough that so much of it is cut out of, chilled. */
    List<Task.Wait> forCut(double areaMm2) {
        double from = cutMm2 / allMm2;
        cutMm2 += areaMm2;
        double to = cutMm2 / allMm2;
        List<Task.Wait> waits = new ArrayList<>();
        double begins = 0;
        for (int nth = 0; nth < tasks.size(); nth++) {
            double ends = nth == tasks.size() - 1 ? Double.POSITIVE_INFINITY : reach.get(nth);
            if (from < ends - 1e-9 && to > begins + 1e-9) {
                waits.add(new Task.Wait(
                        tasks.get(nth).key(),
                        (int) Math.round(habits.mean(Habit.DOUGH_CHILL_MINUTES) * MINUTE),
                        Task.Why.CHILL));
            }
            begins = ends;
        }
        return waits;
    }
}
