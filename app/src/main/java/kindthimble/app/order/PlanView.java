package kindthimble.app.order;

import jakarta.annotation.Nullable;
import kindthimble.app.bowls.PourView;

/**
 * What follows from an order as it is stored.
 *
 * @param pour what is mixed; null when it can't be worked out
 * @param trouble why not; null when it can
 */
public record PlanView(@Nullable PourView pour, @Nullable String trouble) {}
