package kindthimble.core.work;

import java.util.List;

/**
 * One thing that hands do without a break.
 *
 * @param key by which other tasks wait for it
 * @param doing what is done
 * @param order number of the order that it is done for
 * @param design number of the design; 0 for what is done for a whole order
 * @param pass of the design, from 1; 0 and less for what is made ahead, and for what is no pass
 * @param tray number of the tray or of the oven's load, from 1; 0 for none
 * @param colour key of the colour that most of the icing has; null for none
 * @param cookies how many
 * @param handSeconds how long it takes hands, over 0
 * @param ovenSeconds how long the oven takes after that; 0 for nothing
 * @param waits what has to be so before
 */
public record Task(
        String key,
        Work doing,
        long order,
        long design,
        int pass,
        int tray,
        String colour,
        int cookies,
        int handSeconds,
        int ovenSeconds,
        List<Wait> waits) {

    /** What is done. */
    public enum Work {
        /** Dough is made. */
        DOUGH,
        /** A load of cookies is rolled and cut. */
        CUT,
        /** A load goes into the oven. */
        BAKE,
        /** Base is mixed. */
        BASE,
        /** A bowl is tinted, thinned and bagged. */
        BOWL,
        /** A tray is iced, in one pass. */
        ICE,
        /** A tray is packed. */
        PACK,
        /** The order is labelled. */
        LABEL
    }

    /** Why a task waits for another one. */
    public enum Why {
        /** What it needs has to be there. */
        NEEDS,
        /** The dough rests in the cold. */
        CHILL,
        /** The cookies cool. */
        COOL,
        /** The icing dries to the gate of the pass. */
        GATE,
        /** The icing dries through. */
        DRY_THROUGH
    }

    /**
     * @param task key of the other one
     * @param seconds at least, from when that is done (and out of the oven) to when this begins
     * @param why it waits
     */
    public record Wait(String task, int seconds, Why why) {}

    public Task {
        waits = List.copyOf(waits);
        if (handSeconds <= 0 || ovenSeconds < 0) {
            throw new IllegalArgumentException(key + " takes hands some time");
        }
    }

    /** From its begin until it is done, the oven with it. */
    public int wholeSeconds() {
        return handSeconds + ovenSeconds;
    }
}
