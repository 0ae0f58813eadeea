package kindthimble.app.everything;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

class ArchiveTest {
    private static final Map<String, byte[]> FILES = Map.of(
            "format.json", bytes("{\"format\":1}"), "orders/kites in the wind.json", bytes("{}"), "empty", bytes(""));

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void whatGoesInComesOut() {
        Map<String, byte[]> files = Archive.unzipped(Archive.zipped(FILES));
        assertEquals(FILES.keySet(), files.keySet());
        FILES.forEach((name, content) -> assertArrayEquals(content, files.get(name), name));
    }

    @Test
    void anArchiveCutOffAnywhereIsRefused() {
        byte[] whole = Archive.zipped(FILES);
        for (int length = 0; length < whole.length; length++) {
            byte[] part = Arrays.copyOf(whole, length);
            Refused refused = assertThrows(Refused.class, () -> Archive.unzipped(part), "cut after " + length);
            assertTrue(refused.getMessage().length() > 15);
        }
    }

    @Test
    void oneByteWrongInWhatIsKeptIsFound() {
        byte[] whole = Archive.zipped(Map.of("a", bytes("kites ".repeat(50))));
        whole[32] ^= 0x55;
        assertThrows(Refused.class, () -> Archive.unzipped(whole));
    }

    /** Small to send and large when it is unpacked: refused before that, whatever is large in it; what is as large as a shop's comes out. */
    @Test
    void whatIsLargerThanAnyShopsIsNotUnpacked() {
        for (String name : new String[] {"shop.json", "orders/kites.json", "palettes/kites.gpl"}) {
            byte[] bomb = Archive.zipped(Map.of("format.json", bytes("{\"format\":1}"), name, new byte[60_000_000]));
            assertTrue(bomb.length < 200_000, "small to send");
            long before = allocated();
            Refused refused = assertThrows(Refused.class, () -> Archive.unzipped(bomb), name);
            assertTrue(refused.getMessage().contains("larger than any shop's"), refused.getMessage());
            assertTrue(allocated() - before < 10_000_000, "nothing of it is unpacked");
        }
        byte[] large = new byte[3_000_000];
        assertArrayEquals(
                large,
                Archive.unzipped(Archive.zipped(Map.of("orders/a.json", large))).get("orders/a.json"));
    }

    private static long allocated() {
        return ((com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean()).getCurrentThreadAllocatedBytes();
    }
}
