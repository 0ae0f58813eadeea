package kindthimble.app.mixing;

import java.util.List;
import kindthimble.core.pour.Pour;

/**
 * The base of a mixing that was begun, as {@link SinceBegun} has it.
 *
 * @param bowls how many were begun
 * @param begunGrams weighed into the mixer
 * @param moreGrams that are still to be
 */
public record BegunBase(int bowls, double begunGrams, double moreGrams) {
    static BegunBase of(BegunMixing mixing) {
        List<Pour> more =
                mixing.more() == null ? List.of() : List.of(mixing.more().pour().pour());
        SinceBegun.Amounts begun = SinceBegun.Amounts.of(mixing.frozen().begun(), 0, 0);
        return new BegunBase(
                begun.bowls(),
                begun.baseGrams(),
                SinceBegun.Amounts.of(more, 0, 0).baseGrams());
    }
}
