package kindthimble.core.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

/** Passes and what they wait for. */
class PassesTest {
    private static Passes.Step coat(int pass) {
        return new Passes.Step(pass, Stage.COAT, Gate.BARE_COOKIE);
    }

    private static Passes.Step after(Stage stage, Gate gate) {
        return new Passes.Step(0, stage, gate);
    }

    private static Passes of(Passes.Step... steps) {
        return new Passes(List.of(steps), Habits.HOUSE);
    }

    @Test
    void eachCoatWaitsForTheSkinOfTheOneBefore() {
        assertEquals(
                List.of(
                        new Passes.Pass(1, Stage.COAT, Gate.BARE_COOKIE, 0),
                        new Passes.Pass(2, Stage.COAT, Gate.SKINNED, 25),
                        new Passes.Pass(3, Stage.COAT, Gate.SKINNED, 25)),
                of(coat(1), coat(3), coat(2), coat(1)).list());
    }

    @Test
    void aheadIsPassNought() {
        Passes passes = of(coat(1), after(Stage.AHEAD, Gate.BARE_COOKIE));
        assertEquals(
                new Passes.Pass(0, Stage.AHEAD, Gate.BARE_COOKIE, 0),
                passes.list().get(0));
        assertEquals(0, passes.of(after(Stage.AHEAD, Gate.BARE_COOKIE)));
        assertEquals(1, passes.of(coat(1)));
    }

    /** The stencil has waited for the surface already: what is raised after it waits only where it needs more. */
    @Test
    void whatHasComeIsNotWaitedForTwice() {
        Passes.Step stencil = after(Stage.STENCIL, Gate.SURFACE_DRY);
        Passes.Step firm = after(Stage.RAISED, Gate.FIRM);
        Passes.Step dark = after(Stage.RAISED, Gate.DRY_THROUGH);
        Passes.Step marker = after(Stage.MARKER, Gate.SURFACE_DRY);
        Passes passes = of(coat(1), stencil, firm, dark, marker);
        assertEquals(
                List.of(
                        new Passes.Pass(1, Stage.COAT, Gate.BARE_COOKIE, 0),
                        new Passes.Pass(2, Stage.STENCIL, Gate.SURFACE_DRY, 300),
                        new Passes.Pass(3, Stage.RAISED, Gate.SURFACE_DRY, 0),
                        new Passes.Pass(4, Stage.RAISED, Gate.DRY_THROUGH, 600),
                        new Passes.Pass(5, Stage.MARKER, Gate.DRY_THROUGH, 0)),
                passes.list());
        assertEquals(3, passes.of(firm));
        assertEquals(4, passes.of(dark));
        assertEquals(5, passes.of(marker));
    }

    @Test
    void gatesTakeAsLongAsTheShopSays() {
        Habits quick = Habits.HOUSE.with(Habit.SKINNED_MINUTES, 12).with(Habit.HALF_DRY_MINUTES, 20);
        List<Passes.Pass> list =
                new Passes(List.of(coat(1), coat(2), after(Stage.RAISED, Gate.HALF_DRY)), quick).list();
        assertEquals(12, list.get(1).waitMinutes());
        assertEquals(20, list.get(2).waitMinutes());
        assertEquals(0, Gate.WET.minutes(quick));
        assertEquals(0, Gate.BARE_COOKIE.minutes(quick));
    }

    /** Gates come one after the other, each no sooner than the one before it. */
    @Test
    void laterGatesTakeLonger() {
        Gate before = Gate.WET;
        for (Gate gate : Gate.values()) {
            if (gate.isPastWet()) {
                assertTrue(gate.minutes(Habits.HOUSE) > before.minutes(Habits.HOUSE), gate.toString());
                before = gate;
            }
        }
        assertTrue(!Gate.WET.isPastWet() && !Gate.BARE_COOKIE.isPastWet());
        assertEquals(Stage.COAT, Stage.raised(Gate.BARE_COOKIE));
        assertEquals(Stage.RAISED, Stage.raised(Gate.FIRM));
    }

    /** Whatever a cookie gets: passes count up without gaps, stages keep their order, and nothing goes on before its gate has come. */
    @Test
    void anyStepsAreInPassesThatHold() {
        Random random = new Random(11);
        for (int n = 0; n < 3000; n++) {
            List<Passes.Step> steps = new ArrayList<>();
            int coats = random.nextInt(4);
            for (int i = 1; i <= coats; i++) {
                steps.add(coat(i));
            }
            for (int i = random.nextInt(7); i > 0; i--) {
                Stage stage = Stage.values()[2 + random.nextInt(Stage.values().length - 2)];
                steps.add(after(stage, Gate.values()[2 + random.nextInt(Gate.values().length - 2)]));
            }
            Passes passes = new Passes(steps, Habits.HOUSE);
            Gate come = Gate.WET;
            for (int i = 0; i < passes.list().size(); i++) {
                Passes.Pass pass = passes.list().get(i);
                assertEquals(i + 1, pass.number());
                if (i > 0) {
                    assertTrue(pass.stage().compareTo(passes.list().get(i - 1).stage()) >= 0);
                }
                if (pass.stage() != Stage.COAT) {
                    boolean waits = pass.waitMinutes() > 0;
                    assertEquals(
                            waits, pass.gate().compareTo(come) > 0, "waits for what has not come, and for that only");
                    come = pass.gate();
                }
            }
            for (Passes.Step step : steps) {
                Passes.Pass pass = passes.list().get(passes.of(step) - 1);
                assertEquals(step.stage(), pass.stage());
                assertTrue(
                        step.stage() == Stage.COAT || step.gate().compareTo(pass.gate()) <= 0,
                        step + " goes on in " + pass);
            }
        }
    }
}
