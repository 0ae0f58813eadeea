package kindthimble.core.move;

import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;

/**
 * What a needle drawn through wet lines makes of them: beside its way they are drawn along, the more the nearer they lie (a bell curve
 * across its way). It moves icing and adds none.
 */
final class Needle {
    /** How wide it draws along what it meets, at the most, and how far. */
    private static final double REACH_MM = 3;

    private static final double DRAWN_MM = 4.5;
    private static final double SHARE_OF_GAP = 0.9;
    private static final double CURL_MM = 14;
    private static final double STEP_MM = 0.4;

    private final Region region;
    private final Dragged dragged;
    private final int drags;
    private final double tilt;
    private final Box across;
    private final Spot middle;
    private final double farthest;
    private final double drawn;
    private final double reach;

    /** How it is drawn. */
    public enum Dragged {
        /** Across the lines, there and back. */
        FEATHERED,
        /** Across the lines, all strokes alike. */
        ONE_WAY,
        /** As the lines run. */
        ALONG,
        /** From the edge to the middle. */
        TO_MIDDLE,
        /** From the middle to the edge. */
        FROM_MIDDLE,
        /** Round and round from the middle. */
        SWIRL,
        /** In curls, any way. */
        MARBLED
    }

    /**
     * @param region in which it is drawn
     * @param drags how often, 1 or more
     * @param tiltDegrees of the lines
     * @param lines how many they are
     */
    Needle(Region region, Dragged dragged, int drags, double tiltDegrees, int lines) {
        this.region = region;
        this.dragged = dragged;
        this.drags = drags;
        this.tilt = Math.toRadians(tiltDegrees);
        this.across = region.turned(-tiltDegrees).box();
        this.middle = region.middle();
        this.farthest = Math.hypot(across.widthMm(), across.heightMm()) / 2;
        boolean isRound = dragged == Dragged.TO_MIDDLE || dragged == Dragged.FROM_MIDDLE || dragged == Dragged.SWIRL;
        double gap = isRound ? farthest / (lines + 1) : across.heightMm() / (lines + 1);
        double apart = isRound ? farthest / drags : across.widthMm() / drags;
        this.drawn = Math.min(DRAWN_MM, SHARE_OF_GAP * gap);
        this.reach = Math.min(REACH_MM, apart / 2.5);
    }

    /** The lines as they look when it has been drawn through them. */
    Lines through(Lines lines) {
        return lines.bent(STEP_MM, this::moved).within(region);
    }

    Spot moved(Spot spot) {
        return switch (dragged) {
            case TO_MIDDLE -> outwards(spot, -1);
            case FROM_MIDDLE -> outwards(spot, 1);
            case SWIRL -> swirled(spot);
            default -> inTheirFrame(spot);
        };
    }

    /** A point in the frame of the lines, which run level in it. */
    private Spot inTheirFrame(Spot spot) {
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        double u = spot.x() * cos + spot.y() * sin;
        double v = spot.y() * cos - spot.x() * sin;
        double along = 0;
        double over = 0;
        if (dragged == Dragged.MARBLED) {
            over = drawn * Math.sin(2 * Math.PI * (u + v / 3) / CURL_MM);
            along = drawn / 2 * Math.sin(2 * Math.PI * (v + u / 4) / CURL_MM);
        } else if (dragged == Dragged.ALONG) {
            along = drawn * bell((v - across.y()) / across.heightMm(), across.heightMm());
        } else {
            double share = (u - across.x()) / across.widthMm();
            int nearest = nearest(share);
            boolean back = dragged == Dragged.FEATHERED && nearest % 2 == 1;
            over = (back ? -1 : 1) * drawn * bell(share, across.widthMm());
        }
        u += along;
        v += over;
        return new Spot(u * cos - v * sin, u * sin + v * cos);
    }

    private int nearest(double share) {
        return (int) Math.min(drags - 1, Math.max(0, Math.floor(share * drags)));
    }

    /** How much of its pull the nearest of the evenly spaced ways has at a share of the whole width. */
    private double bell(double share, double widthMm) {
        double off = (share - (nearest(share) + 0.5) / drags) * widthMm;
        return Math.exp(-off * off / (reach * reach));
    }

    private Spot outwards(Spot spot, int sign) {
        double dx = spot.x() - middle.x();
        double dy = spot.y() - middle.y();
        double far = Math.hypot(dx, dy);
        if (far == 0) {
            return spot;
        }
        double sweep = 2 * Math.PI / drags;
        double angle = Math.atan2(dx, -dy);
        double off = far * Math.sin(angle - sweep * Math.round(angle / sweep));
        // Near the middle less, so that nothing is drawn past it.
        double pull = sign * Math.min(drawn, far / 2) * Math.exp(-off * off / (reach * reach)) / far;
        return new Spot(spot.x() + pull * dx, spot.y() + pull * dy);
    }

    /** Its way is a spiral of as many turns as it is drawn; it draws along as it goes round. */
    private Spot swirled(Spot spot) {
        double dx = spot.x() - middle.x();
        double dy = spot.y() - middle.y();
        double far = Math.hypot(dx, dy);
        double pitch = farthest / drags;
        double turns = far / pitch - Math.atan2(dy, dx) / (2 * Math.PI);
        double off = (turns - Math.round(turns)) * pitch;
        double pull = far == 0 ? 0 : drawn * Math.exp(-off * off / (reach * reach)) / far;
        return new Spot(spot.x() - pull * dy, spot.y() + pull * dx);
    }
}
