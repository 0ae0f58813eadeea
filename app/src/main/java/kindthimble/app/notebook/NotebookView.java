package kindthimble.app.notebook;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import kindthimble.core.notebook.Learnt;

/**
 * The shop's notebook.
 *
 * @param figures that were noted or decided on, those that have moved most first
 * @param curves of the bases that were counted
 * @param notes the newest first; those that were set aside stand before all others
 * @param benches how many orders have written in it
 */
public record NotebookView(List<Known> figures, List<Curve> curves, List<Noted> notes, int benches) {

    /**
     * A figure as the kitchen has it.
     *
     * @param figure its name among figures
     * @param name in words
     * @param unit sign of its unit; empty for none
     * @param was what the house says
     * @param is what the notes say
     * @param low nine times in ten it is not under this
     * @param high and not over this
     * @param used what plans take
     * @param notes how many count
     * @param aside how many were set aside
     * @param decided what is done with it whatever notes say; null where they decide
     * @param typed whether the shop has set it itself: notes move nothing then
     */
    @Schema(name = "FigureKnown")
    public record Known(
            String figure,
            String name,
            String unit,
            double was,
            double is,
            double low,
            double high,
            double used,
            int notes,
            int aside,
            @Nullable Learnt.Way decided,
            boolean typed) {}

    /**
     * How a base thins: {@code ln t = ln t0 - b w}.
     *
     * @param recipe key of the base
     * @param name of it
     * @param was as its recipe says
     * @param is as its counts say
     * @param counts each line that was drawn
     * @param mostWater as far as the lines are drawn, in grams in 100 g of base
     * @param seconds a flood's usual count
     * @param waterWas grams in 100 g of base that it takes by the recipe
     * @param waterIs and by the counts
     */
    @Schema(name = "ThinningKnown")
    public record Curve(
            String recipe,
            String name,
            Thins was,
            Thins is,
            List<Counted> counts,
            double mostWater,
            double seconds,
            double waterWas,
            double waterIs) {}

    /** A line that is straight where seconds are drawn by their logarithms: t0 in seconds without water, and what it counts with the most. */
    @Schema(name = "Thins")
    public record Thins(double ownSeconds, double mostWaterSeconds) {}

    @Schema(name = "CountNoted")
    public record Counted(String note, double water, double seconds, boolean aside) {}

    /**
     * A note.
     *
     * @param id its name
     * @param kind in a word or two
     * @param day on which it was measured
     * @param words what was measured
     * @param remark what was written with it; empty for nothing
     * @param order at whose bench; null for one by hand
     * @param orderName of it; empty for one by hand
     * @param hand who; null for nobody in particular
     * @param aside whether it was set aside as improbable
     * @param kept whether it counts however improbable it is
     * @param counts whether anything is learnt from it: not where another took its place, or it was taken back
     * @param insteadOf note whose place it takes; null for none
     */
    @Schema(name = "Noted")
    public record Noted(
            String id,
            String kind,
            LocalDate day,
            String words,
            String remark,
            @Nullable Long order,
            String orderName,
            @Nullable String hand,
            boolean aside,
            boolean kept,
            boolean counts,
            @Nullable String insteadOf) {}
}
