package kindthimble.core.icing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import kindthimble.core.catalogue.Refused;
import kindthimble.core.shop.HouseDefaults;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IcingTest {
    private final BaseRecipe base = HouseDefaults.MERINGUE_POWDER;

    /** Worked by hand from ln t = ln 80 - 0.23 w. */
    @ParameterizedTest
    @CsvSource({"50, 2.043", "36, 3.472", "25, 5.057", "20, 6.027", "15, 7.278", "10, 9.041", "3, 14.276", "80, 0"})
    void waterThinsAlongTheCurve(double count, double water) {
        assertEquals(water, base.curve().waterPer100Base(new Consistency(count)).grams(), 0.001);
    }

    @Test
    void stifferThanTheBaseIsRefusedInASentence() {
        Refused refused = assertThrows(Refused.class, () -> base.curve().waterPer100Base(new Consistency(90)));
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
}
