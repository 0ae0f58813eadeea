package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import kindthimble.core.work.Task;

/**
 * An order on the clock, and the hands of all orders. Times are those of the clock on the wall.
 *
 * @param now what time it is
 * @param handOver when the order is handed over
 * @param ready when all of it has to be ready
 * @param rows dough, mixing and each design of the order
 * @param hands when hands are busy, for whichever order
 * @param sittings when there are hands
 * @param handMinutes hands that the order takes
 * @param sittingsUsed in how many sittings of it
 * @param lateMinutes how much too late the order is ready; 0 where it is in time
 * @param others other orders that are late, by name
 * @param leftOut designs and bowls that could not be put on the clock, each with why
 * @param trouble why there is no plan; null where there is one
 */
record ClockView(
        LocalDateTime now,
        LocalDateTime handOver,
        LocalDateTime ready,
        List<Row> rows,
        List<Stretch> hands,
        List<Stretch> sittings,
        int handMinutes,
        int sittingsUsed,
        int lateMinutes,
        List<String> others,
        List<String> leftOut,
        @Nullable String trouble) {

    /**
     * @param own whether it is for the order that was asked for
     */
    record Stretch(LocalDateTime from, LocalDateTime to, boolean own) {}

    /**
     * @param design its number; 0 for dough and baking, -1 for mixing
     * @param name what it is
     * @param count how many cookies, spares with them; bowls for mixing
     * @param runs by their start
     */
    record Row(long design, String name, int count, List<Run> runs) {}

    /**
     * @param doing what is done
     * @param pass of a design; 0 for none
     * @param tray or load, from 1; 0 for none
     * @param cookies how many
     * @param colour key of the colour that most of it has; null for none
     * @param from when hands begin
     * @param to when hands are free
     * @param until when what follows may begin, dried, cooled or chilled; null where nothing follows
     * @param gate what it is by then: a drying gate, CHILLED or COOL
     */
    @Schema(name = "ClockRun")
    record Run(
            Task.Work doing,
            int pass,
            int tray,
            int cookies,
            @Nullable String colour,
            LocalDateTime from,
            LocalDateTime to,
            @Nullable LocalDateTime until,
            @Nullable String gate) {}
}
