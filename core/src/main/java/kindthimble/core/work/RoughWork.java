package kindthimble.core.work;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/** The work of an order of which no more is known than how many cookies, and how hard they are: for the question whether it can be taken. */
public final class RoughWork {
    private static final int MINUTE = 60;
    private static final int DAY = 24 * 3_600;
    private static final int COLOURS = 3;
    private static final double BOWL_MINUTES = 6;
    private static final int LOAD = 16;

    private RoughWork() {}

    /** How hard cookies are: seconds of hands on one in each pass, and what each pass but the first waits for. */
    public enum Hard {
        /** One colour flooded, and little on it. */
        PLAIN(new int[] {50, 20}, new Gate[] {Gate.FIRM}),
        /** A few colours, and details. */
        USUAL(new int[] {75, 45, 40}, new Gate[] {Gate.SKINNED, Gate.FIRM}),
        /** Many sections, writing, raised work. */
        FINE(new int[] {100, 90, 120, 60}, new Gate[] {Gate.SKINNED, Gate.FIRM, Gate.DRY_THROUGH});

        private final int[] seconds;
        private final Gate[] gates;

        Hard(int[] seconds, Gate[] gates) {
            this.seconds = seconds;
            this.gates = gates;
        }

        /** Seconds of icing on one cookie, all passes together. */
        public int iceSeconds() {
            int sum = 0;
            for (int one : seconds) {
                sum += one;
            }
            return sum;
        }
    }

    /**
     * @param order a number that no other order has
     * @param cookies how many, 1 or more
     * @param dryingTimes in how many times the time of still air trays dry
     */
    public static List<Task> of(long order, int cookies, Hard hard, double dryingTimes, Habits habits) {
        List<Task> tasks = new ArrayList<>();
        String dough = order + " dough";
        tasks.add(task(dough, Task.Work.DOUGH, order, 0, 0, 0, minutes(habits, Habit.DOUGH_MINUTES), 0, null));
        List<Task.Wait> baked = new ArrayList<>();
        for (int left = cookies, load = 1; left > 0; left -= LOAD, load++) {
            int n = Math.min(LOAD, left);
            String cut = order + " cut " + load;
            tasks.add(task(
                    cut,
                    Task.Work.CUT,
                    order,
                    0,
                    load,
                    n,
                    (int) Math.ceil(n * habits.mean(Habit.CUT_SECONDS)),
                    0,
                    null,
                    new Task.Wait(dough, minutes(habits, Habit.DOUGH_CHILL_MINUTES), Task.Why.CHILL)));
            String bake = order + " bake " + load;
            tasks.add(task(
                    bake,
                    Task.Work.BAKE,
                    order,
                    0,
                    load,
                    n,
                    minutes(habits, Habit.LOAD_MINUTES),
                    minutes(habits, Habit.OVEN_MINUTES),
                    null,
                    new Task.Wait(cut, minutes(habits, Habit.CUT_CHILL_MINUTES), Task.Why.CHILL)));
            baked.add(new Task.Wait(
                    bake,
                    minutes(habits, Habit.COOL_MINUTES),
                    (int) (habits.mean(Habit.BARE_DAYS) * DAY),
                    Task.Why.COOL));
        }
        String base = order + " base";
        tasks.add(task(base, Task.Work.BASE, order, 0, 0, 0, minutes(habits, Habit.BATCH_MINUTES), 0, null));
        List<Task.Wait> bowls = new ArrayList<>();
        for (int bowl = 1; bowl <= COLOURS; bowl++) {
            String key = order + " bowl " + bowl;
            tasks.add(task(key, Task.Work.BOWL, order, 0, 0, 0, (int) (BOWL_MINUTES * MINUTE), 0, null, needs(base)));
            bowls.add(needs(key));
        }
        List<Task.Wait> packed = new ArrayList<>();
        int most = habits.pieces(Habit.TRAY_COOKIES);
        for (int left = cookies, tray = 1; left > 0; left -= most, tray++) {
            packed.add(needs(tray(order, tray, Math.min(most, left), hard, dryingTimes, habits, bowls, baked, tasks)));
        }
        tasks.add(task(
                order + " label",
                Task.Work.LABEL,
                order,
                0,
                0,
                0,
                minutes(habits, Habit.LABEL_MINUTES),
                0,
                null,
                packed.toArray(new Task.Wait[0])));
        return tasks;
    }

    private static String tray(
            long order,
            int tray,
            int n,
            Hard hard,
            double dryingTimes,
            Habits habits,
            List<Task.Wait> bowls,
            List<Task.Wait> baked,
            List<Task> tasks) {
        String stand = order + " tray " + tray;
        String before = null;
        for (int pass = 1; pass <= hard.seconds.length; pass++) {
            List<Task.Wait> waits = new ArrayList<>(bowls);
            waits.addAll(baked);
            if (before != null) {
                waits.add(new Task.Wait(before, drying(hard.gates[pass - 2], dryingTimes, habits), Task.Why.GATE));
            }
            String key = order + " pass " + pass + " tray " + tray;
            tasks.add(task(
                    key,
                    Task.Work.ICE,
                    order,
                    pass,
                    tray,
                    n,
                    (int) Math.ceil(n * hard.seconds[pass - 1] + habits.mean(Habit.SET_OUT_SECONDS)),
                    0,
                    stand,
                    waits.toArray(new Task.Wait[0])));
            before = key;
        }
        String pack = order + " pack " + tray;
        tasks.add(task(
                pack,
                Task.Work.PACK,
                order,
                0,
                tray,
                n,
                (int) Math.ceil(n * habits.mean(Habit.PACK_SECONDS)),
                0,
                stand,
                new Task.Wait(before, drying(Gate.DRY_THROUGH, dryingTimes, habits), Task.Why.DRY_THROUGH)));
        return pack;
    }

    private static int drying(Gate gate, double times, Habits habits) {
        return (int) Math.ceil(gate.minutes(habits) * times * MINUTE);
    }

    private static int minutes(Habits habits, Habit habit) {
        return Math.max(1, (int) Math.round(habits.mean(habit) * MINUTE));
    }

    private static Task.Wait needs(String key) {
        return new Task.Wait(key, 0, Task.Why.NEEDS);
    }

    private static Task task(
            String key,
            Task.Work doing,
            long order,
            int pass,
            int tray,
            int cookies,
            int hands,
            int oven,
            String stand,
            Task.Wait... waits) {
        return new Task(key, doing, order, 0, pass, tray, null, cookies, hands, oven, List.of(waits), stand);
    }
}
