package kindthimble.app.order;

import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.pour.Allowance;
import kindthimble.core.words.Refused;

/**
 * How much is mixed beyond what the cookies take. Both schools' figures are kept, so that going back and forth loses neither.
 *
 * @param school which of them counts
 * @param risk accepted chance that any colour runs short
 * @param flatPercent the same share of every colour
 */
public record Extra(School school, double risk, double flatPercent) {

    /** The two schools. */
    public enum School {
        RISK,
        FLAT
    }

    /** What a new order starts with (kitchen practice). */
    private static final double ONE_IN_FIFTY = 0.02;

    private static final double TWELVE_PERCENT = 12;

    static Extra usual() {
        return new Extra(School.RISK, ONE_IN_FIFTY, TWELVE_PERCENT);
    }

    /**
     * @throws Refused when a figure is out of its range, that of the other school too
     */
    void check() {
        if (school == null) {
            throw new Refused("extra.school", "Say whether the extra goes by risk or by a flat percentage.");
        }
        try {
            Catalogue.check(new Allowance.Risk(risk));
        } catch (Refused refused) {
            throw new Refused("extra.risk", refused.getMessage());
        }
        try {
            Catalogue.check(new Allowance.Flat(flatPercent));
        } catch (Refused refused) {
            throw new Refused("extra.flatPercent", refused.getMessage());
        }
    }

    /** The school that counts, as core knows it. */
    public Allowance allowance() {
        return school == School.FLAT ? new Allowance.Flat(flatPercent) : new Allowance.Risk(risk);
    }
}
