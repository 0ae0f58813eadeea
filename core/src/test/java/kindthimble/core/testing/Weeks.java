package kindthimble.core.testing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kindthimble.core.clock.Drying;
import kindthimble.core.clock.Limits;
import kindthimble.core.clock.Pair;
import kindthimble.core.clock.Problem;
import kindthimble.core.hours.Hours;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/** Weeks of work by chance, as an order business has them. */
public final class Weeks {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    private static final int MINUTE = 60;
    private static final int HOUR = 3_600;
    private static final int[] GATES = {25 * MINUTE, 100 * MINUTE, 10 * HOUR};

    private Weeks() {}

    /**
     * Orders that are handed over within some days, in the hours of the house.
     *
     * @param designs of each order, in three passes
     */
    public static Problem of(long seed, int orders, int designs, int days) {
        Random random = new Random(seed);
        List<Task> tasks = new ArrayList<>();
        Map<Long, Long> due = new HashMap<>();
        for (long order = 1; order <= orders; order++) {
            LocalDate day = MONDAY.plusDays(days * (order - 1) / orders + 2 + random.nextInt(2));
            due.put(order, day.atTime(9 + random.nextInt(8), 0).atZone(ZONE).toEpochSecond());
            order(random, order, designs, tasks);
        }
        List<Sitting> sittings = Hours.HOUSE.sittings(
                ZONE,
                MONDAY,
                MONDAY.plusDays(days + 28L),
                MONDAY.atTime(9, 0).atZone(ZONE).toEpochSecond());
        return new Problem(tasks, due, List.of(Pair.own(sittings)), new Limits(60), Drying.STEADY, Map.of(), Map.of());
    }

    private static void order(Random random, long order, int designs, List<Task> tasks) {
        String dough = order + " dough";
        tasks.add(task(dough, Task.Work.DOUGH, order, 0, 0, 0, 20 * MINUTE, 0, null));
        String base = order + " base";
        tasks.add(task(base, Task.Work.BASE, order, 0, 0, 0, 12 * MINUTE, 0, null));
        List<Task.Wait> bowls = new ArrayList<>();
        for (int bowl = 0; bowl < 4; bowl++) {
            String key = order + " bowl " + bowl;
            tasks.add(task(key, Task.Work.BOWL, order, 0, 0, 0, 5 * MINUTE, 0, null, needs(base)));
            bowls.add(needs(key));
        }
        List<Task.Wait> packed = new ArrayList<>();
        for (int design = 1; design <= designs; design++) {
            int trays = 1 + random.nextInt(2);
            String cut = order + " " + design + " cut";
            String bake = order + " " + design + " bake";
            tasks.add(task(
                    cut,
                    Task.Work.CUT,
                    order,
                    design,
                    0,
                    1,
                    trays * 5 * MINUTE,
                    0,
                    null,
                    new Task.Wait(dough, HOUR, Task.Why.CHILL)));
            tasks.add(task(
                    bake,
                    Task.Work.BAKE,
                    order,
                    design,
                    0,
                    1,
                    3 * MINUTE,
                    11 * MINUTE,
                    null,
                    new Task.Wait(cut, 20 * MINUTE, Task.Why.CHILL)));
            int[] each = {200 + random.nextInt(300), 100 + random.nextInt(300), 100 + random.nextInt(200)};
            int[] from = {random.nextInt(4), random.nextInt(4), random.nextInt(4)};
            int[] gates = {GATES[random.nextInt(2)], GATES[random.nextInt(3)]};
            for (int tray = 1; tray <= trays; tray++) {
                String stand = order + " " + design + " tray " + tray;
                String before = null;
                for (int pass = 1; pass <= 3; pass++) {
                    List<Task.Wait> waits = new ArrayList<>();
                    waits.add(bowls.get(from[pass - 1]));
                    waits.add(new Task.Wait(bake, HOUR, 5 * 24 * HOUR, Task.Why.COOL));
                    if (before != null) {
                        waits.add(new Task.Wait(before, gates[pass - 2], Task.Why.GATE));
                    }
                    before = order + " " + design + " pass " + pass + " tray " + tray;
                    tasks.add(task(
                            before,
                            Task.Work.ICE,
                            order,
                            design,
                            pass,
                            tray,
                            MINUTE + each[pass - 1],
                            0,
                            stand,
                            waits.toArray(new Task.Wait[0])));
                }
                String pack = order + " " + design + " pack " + tray;
                tasks.add(task(
                        pack,
                        Task.Work.PACK,
                        order,
                        design,
                        0,
                        tray,
                        6 * MINUTE,
                        0,
                        stand,
                        new Task.Wait(before, 10 * HOUR, Task.Why.DRY_THROUGH)));
                packed.add(needs(pack));
            }
        }
        tasks.add(task(
                order + " label", Task.Work.LABEL, order, 0, 0, 0, MINUTE, 0, null, packed.toArray(new Task.Wait[0])));
    }

    private static Task.Wait needs(String key) {
        return new Task.Wait(key, 0, Task.Why.NEEDS);
    }

    private static Task task(
            String key,
            Task.Work doing,
            long order,
            long design,
            int pass,
            int tray,
            int hands,
            int oven,
            String stand,
            Task.Wait... waits) {
        return new Task(key, doing, order, design, pass, tray, null, 9, hands, oven, List.of(waits), stand);
    }
}
