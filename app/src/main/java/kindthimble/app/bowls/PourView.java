package kindthimble.app.bowls;

import kindthimble.core.pour.Pour;

/**
 * A pour for the screen.
 *
 * @param recipe name of the base
 * @param baseCountSeconds how stiff the base comes out
 * @param pour what is mixed
 */
public record PourView(String recipe, double baseCountSeconds, Pour pour) {}
