package kindthimble.core.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Hands;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class WorkListTest {
    private static final Kitchen KITCHEN =
            Kitchens.of(new Palette(Map.of("white", Lab.ofHex("#F6F6F0"), "navy", Lab.ofHex("#2A3E6C"))));
    private static final Cookie COOKIE = new Measuring(KITCHEN)
            .measure(Moves.round(80, null, Moves.outline("white"), Moves.flood("white"), Moves.line("navy")));
    private static final List<MixingOrder.Step> MIXING = List.of(
            step(MixingOrder.Doing.MIX, null, 12),
            step(MixingOrder.Doing.TINT, "navy", 4),
            step(MixingOrder.Doing.DIVIDE, "white", 1),
            step(MixingOrder.Doing.BAG, "navy", 2));

    private static MixingOrder.Step step(MixingOrder.Doing doing, String colour, double minutes) {
        return new MixingOrder.Step(doing, colour, -1, 100, 0, 0, minutes, 0);
    }

    private static List<Task> tasks(int cookies, Habits habits) {
        return WorkList.of(
                List.of(new WorkList.Order(7, 7, List.of(new WorkList.Design(3, cookies, 0, COOKIE)), MIXING)), habits);
    }

    private static List<Task> of(List<Task> tasks, Task.Work doing) {
        return tasks.stream().filter(task -> task.doing() == doing).toList();
    }

    /** Every cookie is cut, baked, iced in each pass and packed once. */
    @Test
    void noCookieIsLost() {
        List<Task> tasks = tasks(31, Habits.HOUSE);
        for (Task.Work doing : List.of(Task.Work.CUT, Task.Work.BAKE, Task.Work.PACK)) {
            assertEquals(31, of(tasks, doing).stream().mapToInt(Task::cookies).sum(), doing.toString());
        }
        Map<Integer, Integer> iced = new HashMap<>();
        of(tasks, Task.Work.ICE).forEach(task -> iced.merge(task.pass(), task.cookies(), Integer::sum));
        assertEquals(Map.of(1, 31, 2, 31), iced);
        assertTrue(of(tasks, Task.Work.ICE).stream().allMatch(task -> task.cookies() <= 12));
        assertEquals(1, of(tasks, Task.Work.LABEL).size());
        Set<String> before = new HashSet<>();
        for (Task task : tasks) {
            task.waits().forEach(wait -> assertTrue(before.contains(wait.task()), task.key()));
            assertTrue(before.add(task.key()));
        }
    }

    /** Under a fan what dries takes less, and what cools or chills does not. */
    @Test
    void onlyWhatDriesGoesByTheFan() {
        List<WorkList.Order> orders =
                List.of(new WorkList.Order(7, 7, List.of(new WorkList.Design(3, 12, 0, COOKIE)), MIXING));
        List<Task> still = WorkList.of(orders, 1, Habits.HOUSE);
        List<Task> fan = WorkList.of(orders, 0.6, Habits.HOUSE);
        int dried = 0;
        for (int i = 0; i < still.size(); i++) {
            for (int j = 0; j < still.get(i).waits().size(); j++) {
                Task.Wait before = still.get(i).waits().get(j);
                Task.Wait then = fan.get(i).waits().get(j);
                if (before.why() == Task.Why.DRY_THROUGH) {
                    assertEquals(before.seconds() * 0.6, then.seconds(), 1);
                    dried++;
                } else if (before.why() == Task.Why.GATE) {
                    assertTrue(then.seconds() < before.seconds() || before.seconds() == 0);
                } else {
                    assertEquals(before, then);
                }
            }
        }
        assertEquals(1, dried);
    }

    /** Thirteen lie on one tray, twenty-six on two; a tray that is split leaves its second half to the end. */
    @Test
    void traysAreFilledEvenly() {
        assertEquals(List.of(13), new WorkList.Design(1, 13, 0, COOKIE).trays(12));
        assertEquals(List.of(13, 13), new WorkList.Design(1, 26, 0, COOKIE).trays(12));
        assertEquals(List.of(14, 13, 13), new WorkList.Design(1, 40, 0, COOKIE).trays(12));
        assertEquals(List.of(7, 13, 6), new WorkList.Design(1, 26, 0, COOKIE, Set.of(1)).trays(12));
    }

    /** Hands on the trays are those of the cookies, and a minute to set each out. */
    @Test
    void handsAddUp() {
        List<Task> ice = of(tasks(31, Habits.HOUSE), Task.Work.ICE);
        double wanted = 31 * COOKIE.handSeconds() + 60.0 * ice.size();
        assertEquals(wanted, ice.stream().mapToInt(Task::handSeconds).sum(), ice.size());
        int mixed = of(tasks(31, Habits.HOUSE), Task.Work.BOWL).stream()
                .mapToInt(Task::handSeconds)
                .sum();
        assertEquals(7 * 60, mixed);
    }

    /** Iced in the same order, each cookie of a tray has had its gate when its turn comes, and one of them not a second more. */
    @Test
    void everyCookieOfATrayHasDried() {
        Passes.Pass second = COOKIE.passes().stream()
                .filter(pass -> pass.number() == 2)
                .findFirst()
                .orElseThrow();
        Hands hands = Hands.on(COOKIE.marks(), Habits.HOUSE);
        double[] each = new double[3];
        for (int i = 0; i < COOKIE.marks().size(); i++) {
            each[COOKIE.marks().get(i).pass()] += hands.of(i);
        }
        Task flood = of(tasks(12, Habits.HOUSE), Task.Work.ICE).get(0);
        Task line = of(tasks(12, Habits.HOUSE), Task.Work.ICE).get(1);
        int wait = line.waits().stream()
                .filter(one -> one.why() == Task.Why.GATE)
                .findFirst()
                .orElseThrow()
                .seconds();
        double least = Double.MAX_VALUE;
        double start = flood.handSeconds() + wait;
        for (int cookie = 1; cookie <= 12; cookie++) {
            double wet = 60 + cookie * each[1];
            double turn = start + 60 + (cookie - 1) * each[2];
            least = Math.min(least, turn - wet);
        }
        // Setting the second tray out comes on top.
        assertEquals(second.waitMinutes() * 60.0 + 60, least, 2);
    }

    /** 80 mm rounds, 2 mm spread: three by four on a tray of 300 by 400 with 20 mm between, two trays at once. */
    @Test
    void theOvenTakesWhatLiesOnItsTrays() {
        List<Task> loads = of(tasks(50, Habits.HOUSE), Task.Work.BAKE);
        assertEquals(List.of(24, 24, 2), loads.stream().map(Task::cookies).toList());
        assertEquals(11 * 60, loads.get(0).ovenSeconds());
        assertEquals(
                List.of(12, 12, 12, 12, 2),
                of(tasks(50, Habits.HOUSE.with(Habit.OVEN_TRAYS, 1)), Task.Work.BAKE).stream()
                        .map(Task::cookies)
                        .toList());
    }

    @Test
    void anOrderThatAnotherOneLeadsWaitsForItsBowls() {
        List<Task> tasks = WorkList.of(
                List.of(
                        new WorkList.Order(7, 7, List.of(new WorkList.Design(3, 4, 0, COOKIE)), MIXING),
                        new WorkList.Order(8, 7, List.of(new WorkList.Design(5, 4, 0, COOKIE)), List.of())),
                Habits.HOUSE);
        Task first = tasks.stream()
                .filter(task -> task.order() == 8 && task.doing() == Task.Work.ICE)
                .findFirst()
                .orElseThrow();
        assertTrue(first.waits().stream().anyMatch(wait -> wait.task().equals("7 bowl white")));
        assertEquals(2, of(tasks, Task.Work.BOWL).size());
    }

    @Test
    void nothingToIceIsNoWork() {
        assertEquals(
                List.of(),
                WorkList.of(
                        List.of(new WorkList.Order(7, 7, List.of(new WorkList.Design(3, 0, 0, COOKIE)), List.of())),
                        Habits.HOUSE));
    }

    private static List<Task> withMore(int cookies, double moreNavy, List<Double> doughGrams) {
        List<MixingOrder.Step> mixing = new ArrayList<>(MIXING);
        mixing.add(new MixingOrder.Step(MixingOrder.Doing.MIX, null, -1, 300, 0, 0, 12, 0, 1));
        mixing.add(new MixingOrder.Step(MixingOrder.Doing.TINT, "navy", -1, moreNavy, 0, 0, 4, 0, 1));
        return WorkList.of(
                List.of(new WorkList.Order(
                        7,
                        7,
                        List.of(new WorkList.Design(3, cookies, 0, COOKIE)),
                        mixing,
                        Set.of(),
                        Map.of(),
                        false,
                        Map.of(),
                        doughGrams)),
                Habits.HOUSE);
    }

    private static List<String> waits(Task task) {
        return task.waits().stream().map(Task.Wait::task).toList();
    }

    /** Cookies drink from what was mixed first as far as it goes: of 36, with half as much again mixed more, the first 24. */
    @Test
    void onlyTheLastTraysWaitForWhatIsMixedMore() {
        List<Task> tasks = withMore(36, 100, List.of());
        assertEquals(
                List.of("7 base", "7 bowl navy", "7 bowl white", "7 more 1 base", "7 more 1 bowl navy"),
                tasks.stream()
                        .filter(task -> task.doing() == Task.Work.BASE || task.doing() == Task.Work.BOWL)
                        .map(Task::key)
                        .toList());
        Task addition = tasks.stream()
                .filter(task -> task.key().equals("7 more 1 bowl navy"))
                .findFirst()
                .orElseThrow();
        assertEquals(1, addition.addition());
        assertEquals(List.of("7 more 1 base"), waits(addition));
        for (Task task : of(tasks, Task.Work.ICE)) {
            boolean isNavy = task.pass() == 2;
            assertEquals(isNavy && task.tray() == 3, waits(task).contains("7 more 1 bowl navy"), task.key());
            assertEquals(isNavy && task.tray() < 3, waits(task).contains("7 bowl navy"), task.key());
        }
        Task straddling = withMore(36, 400, List.of()).stream()
                .filter(task -> task.doing() == Task.Work.ICE && task.pass() == 2 && task.tray() == 2)
                .findFirst()
                .orElseThrow();
        assertFalse(waits(straddling).contains("7 bowl navy"), "a third is 12: the first tray");
    }

    /** Loads are cut out of the dough that was made first as far as it goes. */
    @Test
    void onlyTheLastLoadsWaitForMoreDough() {
        List<Task> one = of(tasks(36, Habits.HOUSE), Task.Work.CUT);
        assertTrue(one.stream().allMatch(task -> waits(task).equals(List.of("7 dough"))));
        List<Task> tasks = withMore(36, 50, List.of(100.0, 200.0));
        assertEquals(2, of(tasks, Task.Work.DOUGH).size());
        int done = 0;
        for (Task cut : of(tasks, Task.Work.CUT)) {
            assertEquals(done < 12, waits(cut).contains("7 dough"), cut.key());
            done += cut.cookies();
            assertEquals(done > 12, waits(cut).contains("7 more 1 dough"), cut.key());
        }
    }
}
