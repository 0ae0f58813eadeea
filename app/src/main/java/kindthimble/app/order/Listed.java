package kindthimble.app.order;

import java.time.LocalDateTime;
import java.util.List;

/**
 * An order in the list of all.
 *
 * @param id its number
 * @param name of the order
 * @param client for whom
 * @param handOver when it is fetched
 * @param cookies handed over
 * @param designs names of its designs
 * @param hexes its colours
 * @param archived whether it was put away
 */
public record Listed(
        long id,
        String name,
        String client,
        LocalDateTime handOver,
        int cookies,
        List<String> designs,
        List<String> hexes,
        boolean archived) {}
