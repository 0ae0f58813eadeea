package kindthimble.core.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kindthimble.core.bench.Against;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.BenchEvent.Pressed;
import org.junit.jupiter.api.Test;

/** Notes that are read out of presses. */
class FromBenchTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final Instant NOON = Instant.parse("2026-12-01T12:00:00Z");
    private static final Against THINNING =
            new Against("thin", 3, 0, 0, 0, "meringue-powder", 80, 250, null, 0, 0, 1, null);
    private static final Against ICING =
            new Against("ice", 20, 12, 100, 60, null, 0, 0, "wall and flood", 11, 9, 1, null);

    private final List<BenchEvent> events = new ArrayList<>();

    private BenchEvent press(Pressed what, double amount, String words, double minute, Against against) {
        BenchEvent event = new BenchEvent(
                "e" + events.size(),
                NOON.plusMillis(Math.round(minute * 60_000)),
                "bench",
                what,
                "1 step " + (against == THINNING ? "thin" : "ice"),
                amount,
                words,
                against);
        events.add(event);
        return event;
    }

    private List<Note> notes() {
        return FromBench.notes("1", events, ZONE, Set.of("e3"));
    }

    @Test
    void aCountStandsAgainstAllWaterThatWasInByThen() {
        press(Pressed.WATER, 10, "", 0, THINNING);
        press(Pressed.COUNT, 31, "", 1, THINNING);
        press(Pressed.WATER, 5, "", 2, THINNING);
        press(Pressed.COUNT, 19, "", 3, THINNING);
        List<Note> notes = notes();
        assertEquals(2, notes.size());
        Note.Count first = (Note.Count) notes.get(0);
        Note.Count second = (Note.Count) notes.get(1);
        assertEquals(4, first.water(), 1e-12, "10 g in 250 g");
        assertEquals(6, second.water(), 1e-12);
        assertEquals(19, second.seconds(), 0);
        assertEquals("meringue-powder", second.recipe());
        assertEquals(LocalDate.of(2026, 12, 1), second.taken().day());
        assertTrue(second.taken().keep() && !first.taken().keep(), "taken in by hand");
    }

    @Test
    void theDayIsThatOfTheKitchen() {
        press(Pressed.COUNT, 31, "", 11.5 * 60, THINNING);
        assertEquals(LocalDate.of(2026, 12, 2), notes().get(0).taken().day(), "half past midnight");
    }

    @Test
    void whatIsTakenBackTakesItsNoteBackAndTheOrderOfArrivalIsOfNoMatter() {
        press(Pressed.WATER, 10, "", 0, THINNING);
        BenchEvent slip = press(Pressed.COUNT, 310, "", 1, THINNING);
        press(Pressed.COUNT, 31, "", 2, THINNING);
        events.add(new BenchEvent("u", NOON.plusSeconds(90), "bench", Pressed.UNDONE, "", 0, slip.id()));
        List<Note> notes = notes();
        assertEquals(1, notes.size());
        assertEquals(31, ((Note.Count) notes.get(0)).seconds(), 0);
        Collections.shuffle(events, new Random(3));
        assertEquals(notes, notes());
    }

    @Test
    void aTrialCookieIsWhatItWeighsMore() {
        press(Pressed.WEIGHED, 30.2, "bare", 0, ICING);
        press(Pressed.WEIGHED, 42.4, "iced", 3, ICING);
        press(Pressed.WEIGHED, 31, "bare 2", 4, ICING);
        press(Pressed.WEIGHED, 41, "iced 2", 5, ICING);
        press(Pressed.WEIGHED, 33, "bare 3", 6, ICING);
        assertTrue(notes().isEmpty(), "as long as the tray is iced they speak for their own order");
        press(Pressed.DONE, 0, "", 30, null);
        List<Note> notes = notes();
        assertEquals(2, notes.size(), "the third is not iced yet");
        Note.Cookie first = (Note.Cookie) notes.get(0);
        assertEquals(12.2 - 2, first.coat(), 1e-9, "without what is no coat");
        assertEquals(9, first.planned(), 0);
        assertEquals(0.1, first.step(), 0);
        assertEquals(1, ((Note.Cookie) notes.get(1)).step(), 0, "whole grams are those of a coarse scale");
        assertEquals("wall and flood", first.school());
    }

    @Test
    void aTrayIsARunAndWhatBrokeInItIsCounted() {
        press(Pressed.BEGUN, 0, "", 0, ICING);
        for (int cookie = 1; cookie <= 11; cookie++) {
            press(Pressed.ICED, cookie, "", cookie * 2, ICING);
        }
        press(Pressed.BROKE, 12, "", 23, ICING);
        press(Pressed.DONE, 0, "", 25, ICING);
        List<Note> notes = notes();
        assertEquals(2, notes.size());
        Note.Broken broken = (Note.Broken) notes.get(0);
        assertEquals(12, broken.of());
        assertEquals(1, broken.broken());
        Note.Run run = (Note.Run) notes.get(1);
        assertEquals(25 * 60, run.seconds(), 1e-9);
        assertEquals(Map.of("icing", 1_200.0, "set out", 60.0), run.planned());
    }

    @Test
    void minutesOfAStepThatOneHandHasDoneInOneGo() {
        press(Pressed.BEGUN, 0, "", 0, THINNING);
        press(Pressed.DONE, 0, "", 4, THINNING);
        Note.Step step = (Note.Step) notes().get(0);
        assertEquals("thin", step.work());
        assertEquals(4, step.measured(), 1e-9);
        assertEquals(3, step.planned(), 0);
        press(Pressed.PUT_OFF, 0, "", 2, THINNING);
        assertTrue(notes().isEmpty(), "with a pause in it, nobody knows");
    }

    @Test
    void whatIsPressedAfterwardsAndWhatHasNoPlanTeachesNothing() {
        press(Pressed.BEGUN, 0, "", 0, THINNING);
        press(Pressed.DONE, 0, "", 0.05, THINNING);
        press(Pressed.COUNT, 20, "", 1, null);
        assertTrue(notes().isEmpty());
    }

    private BenchEvent bag(double grams, double minute, String... drinkers) {
        List<BagUse.Iced> drinks = new ArrayList<>();
        drinks.add(new BagUse.Iced("1 step ice", 12, 11, 9));
        for (String drinker : drinkers) {
            drinks.add(new BagUse.Iced(drinker, 4, 11, 9));
        }
        BagUse bag = new BagUse("poppy 15 s BAG", List.of(new BagUse.Fill(2, 80, "1 bagged", 1)), 8, drinks);
        Against plan = new Against("ice", 20, 12, 100, 60, null, 0, 0, "wall and flood", 11, 9, 1.25, bag);
        return press(Pressed.BAG, grams, bag.key(), minute, plan);
    }

    private void ice(int from, int to) {
        for (int cookie = from; cookie <= to; cookie++) {
            press(Pressed.ICED, cookie, "", cookie, ICING);
        }
    }

    @Test
    void aBagIsWhatCameOutOfItSinceItWasWeighedBefore() {
        ice(1, 4);
        bag(32.4, 4.5);
        ice(5, 10);
        // The first bag is empty by now, and keeps its 8 g.
        bag(46.5, 10.5);
        assertTrue(notes().isEmpty(), "as long as the tray is iced");
        press(Pressed.DONE, 0, "", 11, null);
        List<Note> notes = notes();
        assertEquals(2, notes.size());
        Note.Bag first = (Note.Bag) notes.get(0);
        assertEquals(4, first.cookies());
        assertEquals((80 - 32.4) / 4, first.used(), 1e-9);
        assertEquals(2, first.other(), 1e-9);
        assertEquals(9 / 1.25, first.planned(), 1e-9, "by the house: what was learnt is taken out");
        assertEquals(0.1 / 4, first.step(), 1e-12);
        Note.Bag second = (Note.Bag) notes.get(1);
        assertEquals(6, second.cookies());
        assertEquals((32.4 - 8 + 80 - 46.5) / 6, second.used(), 1e-9);
        assertEquals(
                160 - 8 - 46.5,
                4 * first.used() + 6 * second.used(),
                1e-9,
                "what was filled is what is left, what stays and what came out");
    }

    @Test
    void aBagThatAnotherOrderDrinksFromSaysNothingHere() {
        ice(1, 4);
        bag(32.4, 4.5, "2 step ice");
        press(Pressed.DONE, 0, "", 11, null);
        assertTrue(notes().isEmpty());
    }

    @Test
    void whatCannotBeIsNoNoteAndSpoilsNoOther() {
        Against nothing = new Against("thin", 3, 0, 0, 0, "meringue-powder", 80, 0, null, 0, 0, 1, null);
        press(Pressed.WATER, 10, "", 0, THINNING);
        press(Pressed.COUNT, 31, "", 1, nothing);
        press(Pressed.COUNT, 30, "", 2, THINNING);
        BagUse empty = new BagUse("rose 15 s BAG", List.of(), 8, List.of(new BagUse.Iced("1 step ice", 12, 11, 9)));
        press(
                Pressed.BAG,
                20,
                empty.key(),
                3,
                new Against("ice", 20, 12, 100, 60, null, 0, 0, "wall and flood", 11, 9, 0, empty));
        List<Note> notes = notes();
        assertEquals(1, notes.size());
        assertEquals(30, ((Note.Count) notes.get(0)).seconds(), 0);
    }
}
