package kindthimble.app.live;

/**
 * A device is not let in any more: it hears nothing from now on.
 *
 * @param id as it was let in
 */
public record DeviceOut(String id) {}
