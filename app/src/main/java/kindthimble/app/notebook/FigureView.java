package kindthimble.app.notebook;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Locale;
import kindthimble.core.notebook.Figure;

/**
 * A figure that was learnt, as JSON has it.
 *
 * @param figure its name
 * @param scale {@code log}, {@code value}, {@code share} or {@code logit}
 * @param mean on that
 * @param sd how unsure it is
 * @param low its 5 % point
 * @param high its 95 % point
 * @param scatter how much one note differs from the next; null where that is not learnt
 * @param notes how many count
 * @param weight what they count together
 * @param aside ids of those set aside
 * @param hand of a coat: how much one order differs from the next
 * @param cookie of a coat: how much one cookie differs from the next
 * @param next of a coat: how full the next order is, as a Student t
 */
record FigureView(
        String figure,
        String scale,
        double mean,
        double sd,
        double low,
        double high,
        @Nullable Double scatter,
        int notes,
        double weight,
        List<String> aside,
        @Nullable @JsonInclude(JsonInclude.Include.NON_NULL) Double hand,
        @Nullable @JsonInclude(JsonInclude.Include.NON_NULL) Double cookie,
        @Nullable @JsonInclude(JsonInclude.Include.NON_NULL) Figure.Next next) {
    static FigureView of(Figure of) {
        Figure.Coat coat = of.coat();
        return new FigureView(
                of.figure(),
                of.scale().name().toLowerCase(Locale.ROOT),
                of.mean(),
                of.sd(),
                of.low(),
                of.high(),
                of.scatter(),
                of.notes(),
                of.weight(),
                of.aside(),
                coat == null ? null : coat.hand(),
                coat == null ? null : coat.cookie(),
                coat == null ? null : coat.next());
    }
}
