package kindthimble.app.device;

import java.util.Optional;

/** Where the air of the room is read: a sensor, whichever it is. */
public interface RoomAir {
    /**
     * @param celsius how warm
     * @param humidityPercent how humid
     */
    record Air(double celsius, double humidityPercent) {}

    /** The air as it is now; nothing where no sensor answers. */
    Optional<Air> read();
}
