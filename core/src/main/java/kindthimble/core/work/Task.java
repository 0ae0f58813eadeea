package kindthimble.core.work;

import java.util.List;
import kindthimble.core.hours.Helper;

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
 * @param stand key of the tray that has a place among those that dry, from its first icing until it is packed; null for none
 * @param addition of dough, base and bowls: 0 for the plan, from 1 on which of the additions that were made since it was begun; 0 for all else
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
        List<Wait> waits,
        String stand,
        int addition) {

    /** What is done. */
    public enum Work {
        /** Dough is made. */
        DOUGH(Helper.Help.BAKING),
        /** A load of cookies is rolled and cut. */
        CUT(Helper.Help.BAKING),
        /** A load goes into the oven. */
        BAKE(Helper.Help.BAKING),
        /** Base is mixed. */
        BASE(Helper.Help.MIXING),
        /** A bowl is tinted, thinned and bagged. */
        BOWL(Helper.Help.MIXING),
        /** A tray is iced, in one pass. */
        ICE(Helper.Help.ICING),
        /** A tray is packed. */
        PACK(Helper.Help.PACKING),
        /** The order is labelled. */
        LABEL(Helper.Help.PACKING);

        private final Helper.Help kind;

        Work(Helper.Help kind) {
            this.kind = kind;
        }

        /** What kind of work it is. */
        public Helper.Help kind() {
            return kind;
        }

        /** Whether the mixer runs meanwhile. */
        public boolean takesMixer() {
            return this == DOUGH || this == BASE;
        }
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
        DRY_THROUGH,
        /** A deep colour rests and darkens, where the days allow it. */
        REST;

        /** Whether it is icing that dries meanwhile, so that the air decides how long. */
        public boolean isDrying() {
            return this == GATE || this == DRY_THROUGH;
        }
    }

    /**
     * @param task key of the other one
     * @param seconds at least, from when that is done (and out of the oven) to when this begins; of what dries, in the shop's room as it is now
     * @param mostSeconds at most; {@link #NO_END} for as long as one likes
     * @param why it waits
     */
    public record Wait(String task, int seconds, int mostSeconds, Why why) {
        public static final int NO_END = Integer.MAX_VALUE;

        /** One that may be as long as one likes. */
        public Wait(String task, int seconds, Why why) {
            this(task, seconds, NO_END, why);
        }
    }

    /** What needs no place among the trays that dry. */
    public Task(
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
        this(key, doing, order, design, pass, tray, colour, cookies, handSeconds, ovenSeconds, waits, null, 0);
    }

    /** What is no addition. */
    public Task(
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
            List<Wait> waits,
            String stand) {
        this(key, doing, order, design, pass, tray, colour, cookies, handSeconds, ovenSeconds, waits, stand, 0);
    }

    /** What is mixed or made for a whole order: dough, base, a bowl. */
    static Task made(String key, Work doing, long order, int addition, String colour, int seconds, List<Wait> waits) {
        return new Task(key, doing, order, 0, 0, 0, colour, 0, Math.max(1, seconds), 0, waits, null, addition);
    }

    /** The same with other waits. */
    public Task waiting(List<Wait> others) {
        return new Task(
                key,
                doing,
                order,
                design,
                pass,
                tray,
                colour,
                cookies,
                handSeconds,
                ovenSeconds,
                others,
                stand,
                addition);
    }

    /** The same with hands that take so long, over 0. */
    public Task taking(int seconds) {
        return new Task(
                key, doing, order, design, pass, tray, colour, cookies, seconds, ovenSeconds, waits, stand, addition);
    }

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
