package kindthimble.app.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.kitchen.ShopSettings;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

class RoomFollowerTest {
    private final ShopService shop = mock(ShopService.class);

    private void look(boolean follows, RoomAir.Air air) {
        ShopSettings house = ShopSettings.house();
        ShopSettings own = follows ? house.followingSensor() : house;
        when(shop.settings()).thenReturn(own);
        when(shop.own()).thenReturn(own);
        new RoomFollower(() -> Optional.ofNullable(air), shop).look();
    }

    @Test
    void theFiguresFollowByStepsThatMatter() {
        look(true, new RoomAir.Air(22.6, 61.7));
        ArgumentCaptor<ShopSettings> saved = ArgumentCaptor.forClass(ShopSettings.class);
        verify(shop).save(saved.capture());
        assertEquals(22.5, saved.getValue().mean(Habit.ROOM_CELSIUS));
        assertEquals(62, saved.getValue().mean(Habit.ROOM_HUMIDITY));
        assertEquals(
                Measured.Source.LEARNT,
                saved.getValue().habits().all().get(Habit.ROOM_HUMIDITY).source());
    }

    @Test
    void aLittleIsLeftAndSoIsAShopThatDoesNotFollow() {
        look(true, new RoomAir.Air(21.4, 46.2));
        look(false, new RoomAir.Air(25, 60));
        look(true, null);
        verify(shop, never()).save(any());
    }

    @Test
    void linesAreReadFromLoopback() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread sender = new Thread(() -> {
                try (Socket there = server.accept();
                        OutputStream out = there.getOutputStream()) {
                    out.write("room t=19.5 rh=63.0\n".getBytes(StandardCharsets.UTF_8));
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
            sender.start();
            assertEquals(Optional.of(new RoomAir.Air(19.5, 63)), new LineSensor(server.getLocalPort()).read());
        }
        assertEquals(Optional.empty(), LineSensor.understood("room t=hot rh=63"));
        assertEquals(Optional.empty(), LineSensor.understood(""));
    }
}
