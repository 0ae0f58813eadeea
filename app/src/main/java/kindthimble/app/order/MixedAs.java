package kindthimble.app.order;

import jakarta.annotation.Nullable;

/**
 * How an order is mixed with others.
 *
 * @param into number of the order that leads; null where it leads itself, or is mixed alone
 * @param recipe key of the base, or null for the shop's
 * @param extra how much is mixed beyond need
 */
public record MixedAs(@Nullable Long into, @Nullable String recipe, Extra extra) {}
