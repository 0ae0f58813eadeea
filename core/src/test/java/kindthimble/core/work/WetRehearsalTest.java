package kindthimble.core.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Hands;
import kindthimble.core.move.Division;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Move;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class WetRehearsalTest {
    private static final Kitchen KITCHEN =
            Kitchens.of(new Palette(Map.of("white", Lab.ofHex("#F6F6F0"), "navy", Lab.ofHex("#2A3E6C"))));

    private static Cookie cookie(Move... moves) {
        return new Measuring(KITCHEN).measure(Moves.round(80, null, moves));
    }

    private static Dot dots(int pieces, String section) {
        return new Dot("navy", pieces, Dot.Size.SMALL, null, null, null, null, section, null);
    }

    private static WetRehearsal only(Cookie cookie, Habits habits) {
        List<WetRehearsal> all = WetRehearsal.of(cookie, habits);
        assertEquals(1, all.size());
        return all.get(0);
    }

    /** Strokes follow each other and add up to the hands on the cookie; dots begin when the coat is done. */
    @Test
    void strokesFollowEachOther() {
        Cookie cookie = cookie(Moves.flood("white"), dots(12, null));
        WetRehearsal rehearsal = only(cookie, Habits.HOUSE);
        Hands hands = Hands.on(cookie.marks(), Habits.HOUSE);
        double sum = 0;
        for (int i = 0; i < rehearsal.strokes().size(); i++) {
            WetRehearsal.Stroke stroke = rehearsal.strokes().get(i);
            assertEquals(sum, stroke.from(), 1e-9);
            sum += hands.of(i);
            assertEquals(sum, stroke.to(), 1e-9);
        }
        WetRehearsal.Stroke last = rehearsal.strokes().get(rehearsal.strokes().size() - 1);
        assertEquals(last.to(), last.ageSeconds(), 1e-9, "the coat is the first stroke");
        assertEquals(96, rehearsal.limitSeconds(), 1e-9);
        assertTrue(rehearsal.works());
        assertEquals(rehearsal.strokes().size(), rehearsal.inOneGo());
    }

    @Test
    void aDryRoomLeavesLessTimeAndADampOneMore() {
        Cookie cookie = cookie(Moves.flood("white"), dots(12, null));
        double damp = only(cookie, Habits.HOUSE.with(Habit.ROOM_HUMIDITY, 62)).limitSeconds();
        double dry = only(cookie, Habits.HOUSE.with(Habit.ROOM_HUMIDITY, 30)).limitSeconds();
        assertEquals(96 * 0.40 / 0.23, damp, 1e-9);
        assertEquals(96 * 0.40 / 0.55, dry, 1e-9);
    }

    /** Two sections that do not meet are flooded first, many dots after that: too late for the first section; section by section it works. */
    @Test
    void whereItFailsSectionBySectionIsTried() {
        Cookie cookie = cookie(
                new Division.Bands("a", null, 3, null),
                Moves.flood("white", "a1", null),
                Moves.flood("white", "a3", null),
                dots(60, "a1"),
                dots(60, "a3"));
        WetRehearsal rehearsal = only(cookie, Habits.HOUSE);
        assertFalse(rehearsal.works());
        assertEquals(rehearsal.strokes().size(), rehearsal.sectionBySection().size());
        long lateBefore =
                rehearsal.strokes().stream().filter(WetRehearsal.Stroke::isLate).count();
        long lateThen = rehearsal.sectionBySection().stream()
                .filter(WetRehearsal.Stroke::isLate)
                .count();
        assertTrue(lateThen < lateBefore, lateBefore + " then " + lateThen);
    }

    @Test
    void withoutAnythingWetThereIsNothingToRehearse() {
        assertEquals(List.of(), WetRehearsal.of(cookie(Moves.flood("white"), Moves.line("navy")), Habits.HOUSE));
    }
}
