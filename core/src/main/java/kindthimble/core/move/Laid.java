package kindthimble.core.move;

import java.util.List;
import kindthimble.core.mark.Mark;

/**
 * What a move leaves behind.
 *
 * @param mark the icing it put on
 * @param after the cookie as the next move finds it
 * @param cautions sentences on what is likely to go wrong
 */
public record Laid(Mark mark, Ground after, List<String> cautions) {
    public Laid {
        cautions = List.copyOf(cautions);
    }

    static Laid of(Mark mark, Ground after, String... cautions) {
        return new Laid(mark, after, List.of(cautions));
    }
}
