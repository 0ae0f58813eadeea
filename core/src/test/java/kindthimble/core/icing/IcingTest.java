package kindthimble.core.icing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.stream.Stream;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IcingTest {
    private final BaseRecipe base = HouseRecipes.MERINGUE_POWDER;

    /** Worked by hand from ln t = ln 80 - 0.23 w. */
    @ParameterizedTest
    @CsvSource({"50, 2.043", "36, 3.472", "25, 5.057", "20, 6.027", "15, 7.278", "10, 9.041", "3, 14.276", "80, 0"})
    void waterThinsAlongTheCurve(double count, double water) {
        assertEquals(water, base.curve().waterPer100Base(new Consistency(count)), 0.001);
    }

    /** A base of meringue powder that counts 30 s takes 35.2 g of icing sugar in 100 g to reach 80 s. */
    @Test
    void looserBaseTakesSugarToBecomeStiff() {
        BaseRecipe loose = new BaseRecipe("loose", "Loose", base.ingredients(), new ThinningCurve(30, 0.23), "");
        BaseRecipe.Change change = loose.to(new Consistency(80));
        assertEquals(35.2, change.sugarGrams(), 0.05);
        assertEquals(0, change.waterGrams());
        assertEquals(1.352, change.finishedPerGram(), 0.0005);
        // Its sugar to water is then what the curve would give with so much less water.
        double less = Math.log(80.0 / 30) / 0.23;
        double sugar = 454 / 5.63;
        double water = 79 / 5.63;
        assertEquals(sugar / (water - less), (sugar + change.sugarGrams()) / water, 1e-9);
        assertEquals(0, loose.to(new Consistency(30)).waterGrams(), 1e-9);
    }

    @Test
    void whatNoSugarMakesStiffIsRefusedInASentence() {
        BaseRecipe runny = new BaseRecipe("runny", "Runny", base.ingredients(), new ThinningCurve(3, 0.23), "");
        Refused refused = assertThrows(Refused.class, () -> runny.to(new Consistency(90)));
        assertEquals("countSeconds", refused.field());
    }

    @ParameterizedTest
    @CsvSource({"15, 1.3397", "50, 1.2965"})
    void densityIsThatOfTheComponentsLessTheAir(double count, double gramsPerMl) {
        assertEquals(gramsPerMl, base.densityGramsPerMl(new Consistency(count)), 0.0001);
    }

    @ParameterizedTest
    @CsvSource({"80, STIFF", "50, PIPING", "36, MEDIUM", "25, FLOOD", "10, FLOOD", "3, GLAZE", "2, GLAZE"})
    void countsHaveTheirWords(double count, Consistency.State state) {
        assertEquals(state, new Consistency(count).state());
    }

    /** A count at a border belongs to the stiffer word; 3 s is a glaze still. */
    @ParameterizedTest
    @CsvSource({
        "65, STIFF",
        "64.9, PIPING",
        "43, PIPING",
        "42.9, MEDIUM",
        "30.1, MEDIUM",
        "30, FLOOD",
        "3.1, FLOOD",
        "3, GLAZE"
    })
    void wordsHaveTheirBorders(double count, Consistency.State state) {
        assertEquals(state, new Consistency(count).state());
    }

    @Test
    void stiffestComesFirst() {
        List<Consistency> sorted =
                Stream.of(15.0, 80.0, 50.0).map(Consistency::new).sorted().toList();
        assertEquals(
                List.of(80.0, 50.0, 15.0),
                sorted.stream().map(Consistency::countSeconds).toList());
    }

    /** Sugar that was sifted in counts by its own density: 12 % of air at 80 s, out of a base of 30. */
    @Test
    void densityCountsTheSugarThatWasSiftedIn() {
        BaseRecipe loose = new BaseRecipe("l", "Loose", base.ingredients(), new ThinningCurve(30, 0.23), "");
        double sifted = loose.to(new Consistency(80)).sugarGrams();
        double sugar = 454 / 5.63 + sifted;
        double water = 79 / 5.63;
        double solids = 30 / 5.63;
        assertEquals(
                0.88 * (sugar + water + solids) / (sugar / 1.587 + water + solids / 1.35),
                loose.densityGramsPerMl(new Consistency(80)),
                1e-9);
    }

    /** A shop's word stands for its count; the house's flood is said by its count alone. */
    @Test
    void kitchensHaveTheirOwnWords() {
        KitchenWords own = new KitchenWords("firm", "line", "soft", "run", "thin");
        own.check();
        assertEquals("line 50", own.said(Consistency.State.PIPING, "50"));
        assertEquals("run 15", own.said(Consistency.State.FLOOD, "15"));
        assertEquals("15", KitchenWords.HOUSE.said(Consistency.State.FLOOD, "15"));
        assertEquals("thin 3", own.said(Consistency.State.GLAZE, "3"));
        for (KitchenWords wrong : List.of(
                new KitchenWords("firm", "firm", "soft", "run", "thin"),
                new KitchenWords("firm", " ", "soft", "run", "thin"),
                new KitchenWords("firm", null, "soft", "run", "thin"),
                new KitchenWords("firm", "line", "soft", "run", "seventeen letters"))) {
            assertThrows(Refused.class, wrong::check);
        }
        new KitchenWords("firm", "line", "soft", "run", "sixteen letters!").check();
    }
}
