package kindthimble.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashSet;
import java.util.Set;
import kindthimble.core.words.Keys;
import org.junit.jupiter.api.Test;

class KeysTest {
    @Test
    void namesBecomePlainKeysThatAreNotTaken() {
        Set<String> taken = new HashSet<>(Set.of("sea-green"));
        assertEquals("sea-green-2", Keys.of(" Sea  green! ", "colour", taken));
        assertEquals("sea-green-3", Keys.of("SEA GREEN", "colour", taken));
        assertEquals("creme-brulee", Keys.of("Crème brûlée", "colour", taken));
        assertEquals("colour", Keys.of("雪", "colour", taken));
        assertEquals("colour-2", Keys.of("—", "colour", taken));
    }
}
