package kindthimble.app.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.concurrent.atomic.AtomicInteger;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is remembered of the shop is never older than the shop. */
class ShopMemoryTest {
    private final ShopRevision revision = mock();
    private final ShopMemory memory = new ShopMemory(revision);
    private final AtomicInteger asked = new AtomicInteger();

    @BeforeEach
    void begin() {
        stands(7);
    }

    private void stands(long at) {
        when(revision.now()).thenReturn(at);
        when(revision.stillIs(at)).thenReturn(true);
    }

    private int read(Object what) {
        return memory.of(what, asked::incrementAndGet);
    }

    @Test
    void isReadOnceUntilTheShopIsAnother() {
        assertEquals(1, read("gels"));
        assertEquals(1, read("gels"));
        assertEquals(2, read("recipe"), "another thing");
        stands(8);
        assertEquals(3, read("gels"));
        memory.forget();
        assertEquals(4, read("gels"), "of another database");
    }

    @Test
    void whoeverChangesTheShopReadsItself() {
        read("gels");
        when(revision.isChangingHere()).thenReturn(true);
        assertEquals(2, read("gels"));
        when(revision.isChangingHere()).thenReturn(false);
        assertEquals(1, read("gels"), "what was not stored is nobody else's");
    }

    @Test
    void whatChangedWhileItWasReadIsNotKept() {
        when(revision.stillIs(7)).thenReturn(false);
        assertEquals(1, read("gels"));
        assertEquals(2, read("gels"));
    }

    @Test
    void refusalsAreNotKept() {
        assertThrows(
                Refused.class,
                () -> memory.of("recipe", () -> {
                    throw new Refused("recipe", "There is none.");
                }));
        assertEquals(1, read("recipe"));
    }
}
