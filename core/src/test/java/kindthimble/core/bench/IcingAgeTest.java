package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

/** What can be done with icing of an age, and when what was touched may be gone on with; by kitchen practice (docs/craft.md, Touched). */
class IcingAgeTest {
    @Test
    void icingIsWetThenSkinnedThenDry() {
        assertEquals(IcingAge.WET, IcingAge.of(120, 120));
        assertEquals(IcingAge.SKINNED, IcingAge.of(121, 120));
        assertEquals(IcingAge.SKINNED, IcingAge.of(4 * 3600, 120));
        assertEquals(IcingAge.DRY, IcingAge.of(4 * 3600 + 1, 120));
        assertEquals(IcingAge.WET, IcingAge.of(300, 600), "a thick coat stays wet for longer");
        assertEquals(IcingAge.SKINNED, IcingAge.of(5 * 3600, 2 * 3600), "and takes longer to dry");
        assertEquals(IcingAge.WET, IcingAge.of(0, 0));
        assertEquals(IcingAge.SKINNED, IcingAge.of(130, 0));
    }

    /** A gate of 45 minutes: touched after 30, with a skin it is there; soft after 40 it takes 50, after 20 as long as planned. */
    @Test
    void aTouchPutsTheGateRight() {
        assertEquals(1800, TouchedGate.seconds(2700, 1800, true));
        assertEquals(2700, TouchedGate.seconds(2700, 3600, true), "later than planned is no news");
        assertEquals(3000, TouchedGate.seconds(2700, 2400, false));
        assertEquals(2700, TouchedGate.seconds(2700, 1200, false));
        assertEquals(160, TouchedGate.seconds(100, 100, false), "a minute at least");
    }
}
