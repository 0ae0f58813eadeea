package kindthimble.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class EyesTest {
    /** Their matrices' rows sum up to 1: what is grey stays as it is. */
    @Test
    void greyIsGreyToAllEyes() {
        for (Eyes eyes : Eyes.values()) {
            for (String grey : new String[] {"#000000", "#808080", "#FFFFFF"}) {
                assertEquals(0, eyes.see(Lab.ofHex(grey)).differenceTo(Lab.ofHex(grey)), 0.1, eyes + " " + grey);
            }
        }
    }

    @Test
    void redAndGreenComeTogetherForSomeAndBlueAndGreenForOthers() {
        Lab olive = Lab.ofHex("#8B7A2A");
        Lab moss = Lab.ofHex("#6E8A2E");
        assertTrue(Eyes.DEUTAN.see(olive).differenceTo(Eyes.DEUTAN.see(moss)) < olive.differenceTo(moss) / 2);
        assertTrue(Eyes.TRITAN.see(olive).differenceTo(Eyes.TRITAN.see(moss)) > olive.differenceTo(moss) / 2);
        Lab teal = Lab.ofHex("#3FBFB2");
        Lab green = Lab.ofHex("#4AC080");
        assertTrue(Eyes.TRITAN.see(teal).differenceTo(Eyes.TRITAN.see(green)) < teal.differenceTo(green) / 2);
        // To eyes without long-wave cones a red is darker than to others.
        assertTrue(
                Eyes.PROTAN.see(Lab.ofHex("#D5473F")).l() < Lab.ofHex("#D5473F").l() - 5);
    }
}
