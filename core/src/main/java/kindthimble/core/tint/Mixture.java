package kindthimble.core.tint;

import java.util.Map;
import kindthimble.core.colour.Lab;

/**
 * White icing with gels in it, by single-constant Kubelka-Munk: in each band
 * {@code K/S = (K/S of the white + sum c k) / (1 + sum c w)}, c in drops per 100 g of base, w of a whitener; and the light given back is
 * {@code R = 1 + q - sqrt(q^2 + 2 q)} of q = K/S (P. Kubelka and F. Munk, Zeitschrift fuer technische Physik 12, 1931). Without a
 * whitener the K/S of a mixture of masses is therefore their mean by mass, which is what letting down rests on.
 */
public final class Mixture {
    private Mixture() {}

    /** K/S that gives back a share of the light. */
    static double absorption(double reflectance) {
        return (1 - reflectance) * (1 - reflectance) / (2 * reflectance);
    }

    /** Share of the light that K/S gives back. */
    static double reflectance(double absorption) {
        return 1 + absorption - Math.sqrt(absorption * absorption + 2 * absorption);
    }

    /**
     * K/S band by band.
     *
     * @param drops per 100 g of base, of each gel
     * @param hours since it was mixed
     */
    public static double[] absorption(WhiteIcing white, Map<Gel, Double> drops, double hours) {
        double[] q = white.absorption().clone();
        double scatter = 1;
        for (Map.Entry<Gel, Double> dose : drops.entrySet()) {
            double[] k = dose.getKey().absorption();
            double works = dose.getValue() * dose.getKey().deepened(hours);
            for (int i = 0; i < q.length; i++) {
                q[i] += works * k[i];
            }
            scatter += dose.getValue() * dose.getKey().whitening();
        }
        for (int i = 0; i < q.length; i++) {
            q[i] /= scatter;
        }
        return q;
    }

    /** How it looks. */
    public static Lab lab(WhiteIcing white, Map<Gel, Double> drops, double hours) {
        return lab(absorption(white, drops, hours));
    }

    /** How a K/S looks. */
    public static Lab lab(double[] absorption) {
        double[] r = new double[absorption.length];
        for (int i = 0; i < r.length; i++) {
            r[i] = reflectance(absorption[i]);
        }
        return Observer.lab(r);
    }
}
