package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

class ShadeTest {
    private static final Gel NAVY = ReferenceGels.find("navy").orElseThrow();

    private static double[] rested(double drops) {
        return Mixture.absorption(WhiteIcing.PLAIN, Map.of(NAVY, drops), Gel.RESTED_HOURS);
    }

    /** 4 drops in 100 g out of a bowl with 16 is a quarter of it and three quarters of white. */
    @Test
    void letDownIsFoundByWeight() {
        Lab target = Mixture.lab(WhiteIcing.PLAIN, Map.of(NAVY, 4.0), Gel.RESTED_HOURS);
        Shade shade = Shade.nearest(rested(16), WhiteIcing.PLAIN, target);
        assertEquals(0.25, shade.share(), 1e-4);
        assertEquals(0, shade.deltaE(), 1e-3);
    }

    @Test
    void shadesOfOneBowlGoFromWhiteToItself() {
        double before = 101;
        for (double share = 0; share <= 1; share += 0.1) {
            Lab look = Shade.look(rested(16), WhiteIcing.PLAIN, share);
            assertTrue(look.l() < before);
            before = look.l();
        }
        assertEquals(0, Shade.look(rested(16), WhiteIcing.PLAIN, 1).differenceTo(Mixture.lab(rested(16))), 1e-9);
    }

    @Test
    void aShelfReachesTheHuesOfItsGelsAndNoOthers() {
        List<Gel> yellows = List.of(
                ReferenceGels.find("lemon").orElseThrow(),
                ReferenceGels.find("orange").orElseThrow());
        for (Reach.Place place : Reach.of(WhiteIcing.PLAIN, yellows)) {
            double hue =
                    Math.toDegrees(Math.atan2(place.colour().b(), place.colour().a()));
            assertTrue(hue > 30 && hue < 120, place.toString());
        }
        // Each place is where it says, and can be made: the solver finds it again.
        List<Gel> shelf = ReferenceGels.ALL.subList(0, 12);
        List<Reach.Place> all = Reach.of(WhiteIcing.PLAIN, shelf);
        assertTrue(
                all.stream().map(Reach.Place::hue).collect(Collectors.toSet()).size() > 20);
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, shelf, Habits.HOUSE);
        for (int i = 0; i < all.size(); i += 7) {
            assertTrue(
                    solver.solve(all.get(i).colour(), 1000, 3).recipe().deltaE() < 1,
                    all.get(i).toString());
        }
    }
}
