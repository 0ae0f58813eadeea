package kindthimble.app.plan;

import jakarta.annotation.Nullable;

/**
 * What follows from an order as it is stored.
 *
 * @param pour what is mixed; null when it can't be worked out
 * @param trouble why not; null when it can
 * @param own what of the pour is this order's, whatever is mixed with it; null when it can't be worked out
 */
public record PlanView(
        @Nullable PourView pour,
        @Nullable String trouble,
        @Nullable OwnShare own) {

    /**
     * @param cookies handed over
     * @param spares iced beside them, against breakage
     * @param cookiesGrams finished icing on all of them
     * @param dough what they are baked from
     */
    public record OwnShare(int cookies, int spares, double cookiesGrams, DoughView dough) {}
}
