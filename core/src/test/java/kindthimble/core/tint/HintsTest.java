package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.colour.Lab;
import org.junit.jupiter.api.Test;

/** What is said beside a recipe, each sentence on its own side of its limit. */
class HintsTest {
    private static final List<TintRecipe.Dose> SOME = List.of(new TintRecipe.Dose("navy", 3, 0));
    private static final Lab PALE = new Lab(80, 5, 5);
    private static final Lab DARK = new Lab(25, 5, 5);

    private static TintRecipe recipe(List<TintRecipe.Dose> doses, Lab dry, double deltaE, double gelPercent) {
        return new TintRecipe(doses, dry, dry, dry, deltaE, gelPercent, gelPercent);
    }

    private static List<Tinting.Hint> of(Lab target, double grams, TintRecipe recipe, double nearest, double lifted) {
        return Hints.of(target, grams, 0.03, recipe, nearest, lifted);
    }

    private static List<Tinting.About> about(List<Tinting.Hint> hints) {
        return hints.stream().map(Tinting.Hint::about).toList();
    }

    @Test
    void aGoodRecipeNeedsNoWords() {
        assertEquals(List.of(), of(PALE, 100, recipe(SOME, PALE, 0.4, 0.5), 0.3, 0.3));
    }

    @Test
    void whiteStaysWhite() {
        List<Tinting.Hint> same = of(PALE, 100, recipe(List.of(), PALE, 1.4, 0), 1.4, 1.4);
        assertEquals(List.of(Tinting.About.UNTINTED), about(same));
        assertTrue(same.get(0).sentence().contains("own white is this colour"));
        List<Tinting.Hint> near = of(PALE, 100, recipe(List.of(), PALE, 2.9, 0), 2.9, 2.9);
        assertTrue(near.get(0).sentence().contains("A whitener"));
    }

    @Test
    void littleBowlsAreToldHowMuchWouldDo() {
        List<Tinting.Hint> small = of(PALE, 12.5, recipe(SOME, PALE, 2.5, 0.5), 0.3, 0.3);
        assertEquals(List.of(Tinting.About.TOO_SMALL), about(small));
        assertTrue(
                small.get(0).sentence().startsWith("12.5 g is too little"),
                small.get(0).sentence());
        assertTrue(small.get(0).sentence().contains("tint 50 g"), "four times as much");
        assertEquals(List.of(), of(PALE, 12.5, recipe(SOME, PALE, 1.2, 0.5), 0.3, 0.3), "near enough");
        List<Tinting.Hint> tiny = of(PALE, 0.2, recipe(List.of(), PALE, 9, 0), 9, 9);
        assertEquals(List.of(Tinting.About.TOO_SMALL), about(tiny), "not a single dab is allowed");
        assertTrue(tiny.get(0).sentence().contains("tint 10.0 g"));
    }

    @Test
    void moreGelThanIsWiseIsNotAdvised() {
        List<Tinting.Hint> brown = of(DARK, 100, recipe(SOME, DARK, 2.9, 2.9), 2.5, 1);
        assertEquals(List.of(Tinting.About.TOO_MUCH_GEL, Tinting.About.REST), about(brown));
        assertTrue(brown.get(0).sentence().contains("more gel than the 3 % that"));
        assertTrue(brown.get(0).sentence().contains("cocoa"));
        List<Tinting.Hint> vivid = of(new Lab(50, -20, 60), 100, recipe(SOME, PALE, 2.9, 2.9), 2.5, 1);
        assertTrue(vivid.get(0).sentence().contains("a lighter colour"));
        assertEquals(
                List.of(),
                of(new Lab(50, -20, 60), 100, recipe(SOME, PALE, 2.9, 2.9), 2.5, 2.5),
                "more gel would not help");
        assertEquals(List.of(), of(new Lab(50, -20, 60), 100, recipe(SOME, PALE, 2.9, 2.6), 2.5, 1), "there is room");
        String other = Hints.of(DARK, 100, 0.025, recipe(SOME, DARK, 2.9, 2.4), 2.5, 1)
                .get(0)
                .sentence();
        assertTrue(other.contains("more gel than the 2.5 % that"), "as the shop says: " + other);
    }

    @Test
    void whatIsOutOfReachSaysInWhichWay() {
        assertTrue(reach(new Lab(60, 60, 0), new Lab(59, 40, 0)).contains("more vivid"));
        assertTrue(reach(new Lab(40, 10, 0), new Lab(50, 10, 0)).contains("darker"));
        assertTrue(reach(new Lab(90, 10, 0), new Lab(80, 10, 0)).contains("lighter"));
        assertTrue(reach(new Lab(60, 30, 0), new Lab(60, 0, 30)).contains("its hue lies between"));
        assertTrue(reach(new Lab(60, 60, 0), new Lab(59, 40, 0)).contains("7.0 away"));
    }

    private static String reach(Lab target, Lab dry) {
        List<Tinting.Hint> hints = of(target, 100, recipe(SOME, dry, 7, 0.5), 6.5, 6.5);
        assertEquals(Tinting.About.OUT_OF_REACH, hints.get(0).about());
        return hints.get(0).sentence();
    }

    @Test
    void darkAndRedHaveToRest() {
        assertTrue(rest(new Lab(31, 0, -20)).contains("looks grey when fresh"));
        assertTrue(rest(new Lab(45, 60, 30)).contains("red deepens most"));
        for (Lab other : List.of(new Lab(45, 30, 60), new Lab(45, 40, 10), new Lab(65, 60, 30), new Lab(33, 0, -20))) {
            assertEquals(List.of(), of(other, 100, recipe(SOME, other, 0.4, 0.5), 0.3, 0.3), other.toString());
        }
        assertEquals(
                List.of(),
                about(of(DARK, 100, recipe(List.of(), DARK, 0.4, 0), 0.3, 0.3)).stream()
                        .filter(about -> about == Tinting.About.REST)
                        .toList());
    }

    private static String rest(Lab target) {
        List<Tinting.Hint> hints = of(target, 100, recipe(SOME, target, 0.4, 0.5), 0.3, 0.3);
        assertEquals(List.of(Tinting.About.REST), about(hints));
        return hints.get(0).sentence();
    }
}
