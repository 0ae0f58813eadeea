package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import kindthimble.core.clock.Chain;
import kindthimble.core.kitchen.TraysDry;
import kindthimble.core.work.Task;

/**
 * An order on the clock among all others, and the hands of all orders. Times are those of the clock on the wall.
 *
 * @param now what time it is
 * @param handOver when the order is handed over
 * @param ready when all of it has to be ready
 * @param rows dough, mixing and each design of the order
 * @param others the same of the other orders ahead
 * @param hands when hands are busy, for whichever order
 * @param sittings when there are the decorator's own hands
 * @param handMinutes hands that the order takes
 * @param sittingsUsed in how many sittings of it
 * @param lateMinutes how much too late the order is ready; 0 where it is in time
 * @param leftOut designs and bowls that could not be put on the clock, each with why
 * @param minds what to know of the plan
 * @param decides the chain that decides when it has to be begun
 * @param search how the search for a better plan stands
 * @param room the air that it dries in
 * @param trouble why there is no plan; null where there is one
 */
record ClockView(
        LocalDateTime now,
        LocalDateTime handOver,
        LocalDateTime ready,
        List<Row> rows,
        List<Other> others,
        List<Stretch> hands,
        List<Stretch> sittings,
        int handMinutes,
        int sittingsUsed,
        int lateMinutes,
        List<String> leftOut,
        List<String> minds,
        List<Link> decides,
        @Nullable Search search,
        Room room,
        @Nullable String trouble) {

    /**
     * Another order that is ahead.
     *
     * @param order its number
     * @param name of it
     * @param handOver when it is handed over
     * @param lateMinutes how much too late it is ready
     * @param rows of it
     */
    @Schema(name = "ClockOther")
    record Other(long order, String name, LocalDateTime handOver, int lateMinutes, List<Row> rows) {}

    /**
     * @param own whether it is for the order that was asked for
     * @param by whose hands; empty for the decorator's own
     */
    record Stretch(LocalDateTime from, LocalDateTime to, boolean own, String by) {}

    /**
     * @param design its number; 0 for dough and baking, -1 for mixing
     * @param name what it is
     * @param count how many cookies, spares with them; bowls for mixing
     * @param runs by their start
     */
    record Row(long design, String name, int count, List<Run> runs) {}

    /**
     * @param key by which the order keeps what is said of it
     * @param doing what is done
     * @param pass of a design; 0 for none
     * @param tray or load, from 1; 0 for none
     * @param cookies how many
     * @param addition of dough, base and bowls: 0 for the plan, from 1 on which addition; 0 for all else
     * @param colour name of the bowl that most of its icing comes out of; null for none
     * @param hex how that looks; null for none
     * @param from when hands begin
     * @param to when hands are free
     * @param until when what follows may begin, dried, cooled or chilled; null where nothing follows
     * @param gate what it is by then: a drying gate, CHILLED or COOL
     * @param by whose hands; empty for the decorator's own
     * @param pinned whether it is where the decorator wants it
     * @param slackMinutes how much later it could begin, with all in the order that it is in
     */
    @Schema(name = "ClockRun")
    record Run(
            String key,
            Task.Work doing,
            int pass,
            int tray,
            int cookies,
            int addition,
            @Nullable String colour,
            @Nullable String hex,
            LocalDateTime from,
            LocalDateTime to,
            @Nullable LocalDateTime until,
            @Nullable String gate,
            String by,
            boolean pinned,
            int slackMinutes) {}

    /**
     * A link of the chain that decides.
     *
     * @param key of the task
     * @param name of what it is for
     * @param doing what is done
     * @param pass of a design; 0 for none
     * @param tray or load; 0 for none
     * @param from when it begins
     * @param because what keeps it from being later
     * @param why of a wait; null otherwise
     */
    @Schema(name = "ClockLink")
    record Link(
            String key,
            String name,
            Task.Work doing,
            int pass,
            int tray,
            LocalDateTime from,
            Chain.Because because,
            @Nullable Task.Why why) {}

    /**
     * @param isSearching whether a better plan is looked for
     * @param isThere whether the solver can be used on this machine
     * @param isBest whether no plan can be better
     * @param sittings in all that the plan takes of the decorator's own hands, for all orders
     * @param fewest no plan in time has fewer
     * @param abovePercent how far what the plan counts lies above what no plan can be under; null where that is not known
     */
    @Schema(name = "ClockSearch")
    record Search(
            boolean isSearching,
            boolean isThere,
            boolean isBest,
            int sittings,
            int fewest,
            @Nullable Double abovePercent) {}

    /**
     * @param celsius how warm it is
     * @param humidityPercent how humid
     * @param times in how many times the time of still air of 21 C and 45 % icing dries on its trays
     * @param drying how they dry
     * @param isTooDamp whether icing does not dry in it
     */
    @Schema(name = "ClockRoom")
    record Room(double celsius, double humidityPercent, double times, TraysDry drying, boolean isTooDamp) {}
}
