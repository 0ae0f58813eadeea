package kindthimble.app.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.LocalDateTime;
import java.util.List;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.history.History;
import kindthimble.app.history.KnownPatches;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.plan.Planner;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Design;
import kindthimble.core.geometry.Across;
import kindthimble.core.move.Flood;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class DeskServiceTest {
    private final Orders orders = mock(Orders.class);
    private final CookieService cookies = mock(CookieService.class);
    private final DeskService service = new DeskService(
            orders,
            mock(Planner.class),
            cookies,
            mock(OrderChanges.class),
            mock(Said.class),
            mock(History.class),
            mock(KnownPatches.class),
            mock(ShopRevision.class),
            mock(MixingService.class),
            mock(JsonMapper.class));

    private final Design design = new Design(
            Design.FORMAT,
            "Round",
            new Cutter(new BasicForm.Round(), Across.WIDTH, 80),
            null,
            null,
            List.of(new Flood("poppy", null, null, null, null, null)));

    @BeforeEach
    void anOrder() {
        OrderDetails details = new OrderDetails(
                "Rounds",
                "",
                LocalDateTime.of(2026, 12, 5, 10, 0),
                null,
                null,
                List.of(new PaletteColour("poppy", "Poppy", "#D5473F")),
                null,
                null,
                "",
                "",
                "",
                "",
                null,
                null,
                null,
                null,
                null,
                null);
        when(orders.order(7)).thenReturn(new Kept(7, 1, details, List.of()));
    }

    @Test
    void whatCantBeMeasuredIsNotStored() {
        when(cookies.measure(any(), any())).thenThrow(new Refused("marginMm", "no room"));
        Refused refused = assertThrows(Refused.class, () -> service.addDesign(7, 12, design));
        assertEquals("document.marginMm", refused.field());
        verify(orders, never()).addDesign(anyLong(), anyInt(), any());
    }

    @Test
    void countIsCheckedBeforeAnythingIsMeasured() {
        assertThrows(Refused.class, () -> service.addDesign(7, 0, design));
        verify(cookies, never()).measure(any(), any());
    }
}
