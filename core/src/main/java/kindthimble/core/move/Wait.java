package kindthimble.core.move;

import kindthimble.core.drying.Gate;

/** What raised detail waits for, where a design says otherwise than the shop's school. */
public enum Wait {
    /** At once, on the wet coat, so that it bonds. */
    AT_ONCE(Gate.WET),
    HALF_DRY(Gate.HALF_DRY),
    FIRM(Gate.FIRM),
    SURFACE_DRY(Gate.SURFACE_DRY),
    DRY_THROUGH(Gate.DRY_THROUGH);

    private final Gate gate;

    Wait(Gate gate) {
        this.gate = gate;
    }

    /** What has to be so underneath. */
    public Gate gate() {
        return gate;
    }
}
