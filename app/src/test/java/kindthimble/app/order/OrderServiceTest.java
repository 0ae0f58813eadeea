package kindthimble.app.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import kindthimble.app.cookie.CookieService;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Design;
import kindthimble.core.geometry.Across;
import kindthimble.core.move.Flood;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class OrderServiceTest {
    private final OrderRepository orders = mock(OrderRepository.class);
    private final DesignRepository designs = mock(DesignRepository.class);
    private final OrderPlanner planner = mock(OrderPlanner.class);
    private final CookieService cookies = mock(CookieService.class);
    private final OrderService service = new OrderService(orders, designs, planner, cookies, Clock.systemUTC());

    private final Design design = new Design(
            1,
            "Round",
            new Cutter(new BasicForm.Round(), Across.WIDTH, 80),
            null,
            null,
            List.of(new Flood("poppy", null, null, null, null, null)));

    @BeforeEach
    void anOrder() {
        OrderEntity order = new OrderEntity(
                new OrderDetails("Rounds", "", LocalDateTime.of(2026, 12, 5, 10, 0), null, null, null, null, null)
                        .checked());
        when(orders.findById(7L)).thenReturn(Optional.of(order));
    }

    @Test
    void whatCantBeMeasuredIsNotStored() {
        when(cookies.measure(any(), any())).thenThrow(new Refused("marginMm", "no room"));
        Refused refused = assertThrows(Refused.class, () -> service.addDesign(7, 12, design));
        assertEquals("document.marginMm", refused.field());
        verify(designs, never()).saveAndFlush(any());
    }

    @Test
    void countIsCheckedBeforeAnythingIsMeasured() {
        assertThrows(Refused.class, () -> service.addDesign(7, 0, design));
        verify(cookies, never()).measure(any(), any());
    }
}
