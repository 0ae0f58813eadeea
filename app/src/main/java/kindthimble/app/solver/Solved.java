package kindthimble.app.solver;

import kindthimble.core.clock.Schedule;

/**
 * What the solver has found.
 *
 * @param schedule the best plan so far
 * @param bound what no plan in time can be under, counted as {@link kindthimble.core.clock.Worth#counted} counts
 * @param isBest whether none can be better
 */
public record Solved(Schedule schedule, long bound, boolean isBest) {}
