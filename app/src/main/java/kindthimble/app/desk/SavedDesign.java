package kindthimble.app.desk;

import kindthimble.app.plan.PlanView;

/**
 * A design after it was saved, and what now follows for its order.
 *
 * @param design as it is stored
 * @param plan of the whole order
 */
public record SavedDesign(DesignView design, PlanView plan) {}
