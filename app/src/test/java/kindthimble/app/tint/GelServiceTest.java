package kindthimble.app.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.tint.GelService.Bottle;
import kindthimble.app.tint.GelService.SwatchNote;
import kindthimble.core.tint.Gel;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The shelf of gels alone, its repositories stood in for. */
class GelServiceTest {
    private final GelRepository bottles = mock(GelRepository.class);
    private final SwatchRepository swatches = mock(SwatchRepository.class);
    private final GelService service = new GelService(
            bottles,
            swatches,
            mock(History.class),
            mock(ShopRevision.class),
            Clock.fixed(Instant.EPOCH, ZoneOffset.UTC),
            mock(EntityManager.class));

    private static GelEntity leaf() {
        GelEntity entity = new GelEntity("leaf", "leaf", 0);
        entity.set(new Bottle("Leaf", 100, 350, 4.2));
        return entity;
    }

    @BeforeEach
    void aShelfOfOneBottle() {
        when(bottles.findByRemovedAtIsNullOrderByPositionAscGelKeyAsc()).thenReturn(List.of(leaf()));
        when(bottles.findById("leaf")).thenReturn(Optional.of(leaf()));
        when(swatches.findByRemovedAtIsNullOrderByIdAsc()).thenReturn(List.of());
    }

    @Test
    void aBottleWithoutSwatchesIsItsReference() {
        Gel gel = service.gels().get(0);
        assertEquals(Gel.Fit.NONE, gel.fit());
        assertEquals(7, service.shelf().get(0).ramp().size());
        assertEquals(null, service.shelf().get(0).after());
    }

    @Test
    void aSwatchThatCannotBeIsNotKept() {
        for (SwatchNote wrong : List.of(
                new SwatchNote(0, 50, "#B8DDA0"),
                new SwatchNote(-1, 50, "#B8DDA0"),
                new SwatchNote(Double.NaN, 50, "#B8DDA0"),
                new SwatchNote(4, 0.5, "#B8DDA0"),
                new SwatchNote(4, 50, "green"),
                new SwatchNote(4, 50, null))) {
            assertThrows(Refused.class, () -> service.note("leaf", wrong), wrong.toString());
        }
        assertThrows(NotThere.class, () -> service.note("none", new SwatchNote(4, 50, "#B8DDA0")));
        verify(swatches, never()).saveAndFlush(any());
    }

    @Test
    void aSwatchOfAnotherGelIsNotTakenOut() {
        when(swatches.findById(7L))
                .thenReturn(Optional.of(new SwatchEntity("poppy", new SwatchNote(4, 50, "#B8DDA0"), Instant.EPOCH)));
        assertThrows(NotThere.class, () -> service.takeOut("leaf", 7, true));
    }

    @Test
    void twoGelsOfOneNameAreRefusedWhateverTheirCase() {
        Refused refused = assertThrows(
                Refused.class,
                () -> service.add(new GelService.NewGel(new Bottle(" LEAF ", 1, 1, null), "leaf", null)));
        assertEquals("name", refused.field());
        assertTrue(refused.getMessage().contains("LEAF"));
    }
}
