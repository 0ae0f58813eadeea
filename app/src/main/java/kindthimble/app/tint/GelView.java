package kindthimble.app.tint;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * A bottle of gel, with what its swatches say of it.
 *
 * @param key by which recipes name it
 * @param bottle what is known of the bottle
 * @param reference the gel of the reference list that it is like
 * @param strength times as strong as that
 * @param shiftNm its bands lie so far to the red of that
 * @param deepensPercent how much stronger it works once rested
 * @param hex how 8 drops in 100 g look, dry: by this the gel is told from others
 * @param ramp from half a drop to 32 in 100 g of base, dry
 * @param before how far off its swatches are with the reference, CIEDE2000; null without swatches
 * @param after the same with the fit
 * @param swatches what was seen
 */
public record GelView(
        String key,
        GelService.Bottle bottle,
        String reference,
        double strength,
        double shiftNm,
        double deepensPercent,
        String hex,
        List<RampStep> ramp,
        @Nullable Double before,
        @Nullable Double after,
        List<SwatchView> swatches) {

    /**
     * @param drops in 100 g of base
     * @param hex how they look, dry
     */
    public record RampStep(double drops, String hex) {}

    /**
     * @param id its number
     * @param note what was seen
     * @param predicted what the fit says of it, {@code #RRGGBB}
     * @param miss how far that is off, CIEDE2000
     */
    public record SwatchView(long id, GelService.SwatchNote note, String predicted, double miss) {}
}
