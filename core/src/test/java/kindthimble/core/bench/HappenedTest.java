package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import kindthimble.core.bench.BenchEvent.Pressed;
import org.junit.jupiter.api.Test;

class HappenedTest {
    private static final Instant NINE = Instant.parse("2026-12-04T09:00:00Z");

    private static BenchEvent event(int minute, String id, Pressed what, String step, double amount, String words) {
        return new BenchEvent(id, NINE.plusSeconds(60L * minute), "tablet", what, step, amount, words);
    }

    private static List<BenchEvent> byChance(Random random, int n) {
        Pressed[] all = Pressed.values();
        List<BenchEvent> events = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Pressed what = all[random.nextInt(all.length)];
            boolean isUndoing = what == Pressed.UNDONE;
            events.add(event(
                    random.nextInt(60),
                    "e" + i,
                    what,
                    isUndoing ? "" : "step " + random.nextInt(3),
                    isUndoing ? 0 : 1 + random.nextInt(12),
                    isUndoing ? "e" + random.nextInt(n) : what == Pressed.TOUCHED ? "SOFT" : "poppy"));
        }
        return events;
    }

    /** Two devices, one of them away for an hour: whatever arrives when, and however often, the same has happened. */
    @Test
    void theOrderOfArrivalAndRepeatsChangeNothing() {
        Random random = new Random(4);
        for (int round = 0; round < 300; round++) {
            List<BenchEvent> events = byChance(random, 40);
            Happened wanted = Happened.of(events);
            List<BenchEvent> other = new ArrayList<>(events);
            other.addAll(events.subList(random.nextInt(20), 20 + random.nextInt(20)));
            Collections.shuffle(other, random);
            assertEquals(wanted, Happened.of(other));
        }
    }

    /** Whatever is undone last leaves no trace: as if it had never been pressed. */
    @Test
    void whatIsUndoneWasNeverPressed() {
        Random random = new Random(5);
        for (int round = 0; round < 300; round++) {
            List<BenchEvent> events = byChance(random, 25);
            BenchEvent last = event(61, "last", Pressed.ICED, "step 1", 99, "");
            List<BenchEvent> undone = new ArrayList<>(events);
            undone.add(last);
            undone.add(event(62, "undo", Pressed.UNDONE, "", 0, "last"));
            assertEquals(Happened.of(events), Happened.of(undone));
            // And taking that back brings it back.
            List<BenchEvent> back = new ArrayList<>(undone);
            back.add(event(63, "redo", Pressed.UNDONE, "", 0, "undo"));
            List<BenchEvent> pressed = new ArrayList<>(events);
            pressed.add(last);
            assertEquals(Happened.of(pressed), Happened.of(back));
        }
    }

    @Test
    void aBrokenCookieIsNoIcedOneAndABagCountsIt() {
        Happened.StepNow now = Happened.of(List.of(
                        event(1, "a", Pressed.ICED, "run", 1, ""),
                        event(2, "b", Pressed.ICED, "run", 2, ""),
                        event(3, "c", Pressed.BROKE, "run", 2, ""),
                        event(4, "d", Pressed.BAG, "run", 80, "poppy")))
                .steps()
                .get("run");
        assertEquals(new TreeSet<>(List.of(1)), now.iced());
        assertEquals(new TreeSet<>(List.of(2)), now.broken());
        assertEquals(new Happened.Bag(80, 2), now.bags().get("poppy"));
    }

    @Test
    void whoBeginsHasItUntilItIsPutOff() {
        BenchEvent tablet = event(1, "a", Pressed.BEGUN, "run", 0, "");
        BenchEvent phone = new BenchEvent("b", NINE.plusSeconds(120), "phone", Pressed.BEGUN, "run", 0, "");
        assertEquals(
                "tablet", Happened.of(List.of(phone, tablet)).steps().get("run").device());
        BenchEvent off = event(3, "c", Pressed.PUT_OFF, "run", 0, "");
        BenchEvent later = new BenchEvent("d", NINE.plusSeconds(300), "phone", Pressed.BEGUN, "run", 0, "");
        assertEquals(
                "phone",
                Happened.of(List.of(phone, tablet, off, later))
                        .steps()
                        .get("run")
                        .device());
    }

    @Test
    void aStepIsDoneOnce() {
        Happened.StepNow now = Happened.of(List.of(
                        event(5, "b", Pressed.DONE, "dough", 0, ""), event(3, "a", Pressed.DONE, "dough", 0, "")))
                .steps()
                .get("dough");
        assertTrue(now.isDone());
        assertEquals(NINE.plusSeconds(180), now.doneAt());
        assertFalse(Happened.NOTHING.steps().containsKey("dough"));
    }

    /** Each icing of a cookie counts for the bag, one that went wrong in the hand with them; what is added sums up by what it was. */
    @Test
    void whatIsIcedOnceMoreHasTakenItsIcingTwice() {
        List<BenchEvent> events = new ArrayList<>(List.of(
                event(1, "a", Pressed.ICED, "run", 1, ""),
                event(2, "b", Pressed.REDONE, "run", 2, "bled"),
                event(3, "c", Pressed.BAG, "run", 90, "poppy"),
                event(4, "d", Pressed.ADDED, "run", 12, "base"),
                event(5, "e", Pressed.ADDED, "run", 3.5, "base")));
        Happened.StepNow now = Happened.of(events).steps().get("run");
        assertEquals(new TreeSet<>(List.of(1)), now.iced());
        assertEquals(new TreeSet<>(List.of(1, 2)), now.everIced());
        assertEquals(List.of(2), now.redone());
        assertEquals(2, now.bags().get("poppy").iced());
        assertEquals(15.5, now.added().get("base"), 1e-12);
        events.add(event(6, "f", Pressed.ICED, "run", 2, ""));
        events.add(event(7, "g", Pressed.REDONE, "run", 1, "crater"));
        events.add(event(8, "h", Pressed.ICED, "run", 1, ""));
        events.add(event(9, "i", Pressed.BAG, "run", 70, "poppy"));
        now = Happened.of(events).steps().get("run");
        assertEquals(new TreeSet<>(List.of(1, 2)), now.iced());
        assertEquals(4, now.bags().get("poppy").iced());
    }
}
