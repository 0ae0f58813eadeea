package kindthimble.core.placing;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/** Works out where on a cookie the marks of a move are. */
public final class Placing {
    /** A ring for which she says nothing is so much of the largest circle that fits. */
    private static final double RING_SHARE = 2.0 / 3;

    /** What stands on the mirror itself is there once. */
    private static final double ON_THE_MIRROR_MM = 0.05;

    private final Where where;
    private final Site site;

    /**
     * @param where with its usual values
     */
    public Placing(Where where, Site site) {
        this.where = where;
        this.site = site;
    }

    /**
     * Marks that stand by themselves.
     *
     * @param pieces how many, where their number is not that of the places, the marks or the way
     * @param acrossMm how wide one is
     * @return none when there is no room for them
     * @throws Refused naming what can't be
     */
    public List<Pose> poses(int pieces, double acrossMm) {
        return switch (where.laid()) {
            case SCATTERED, SPREAD -> upright(Scatter.over(room(acrossMm), pieces, site.standing()));
            case ROWS -> upright(Scatter.inRows(room(acrossMm), pieces));
            case RING -> ring(pieces);
            case MIDDLE -> {
                Spot middle = site.region().middle();
                yield List.of(new Pose(middle.x(), middle.y(), where.turn()));
            }
            case PLACES -> mirrored(places());
            case EDGE, SEAMS, PATH -> {
                Lines course = course(acrossMm / 2);
                yield where.everyMm() == null ? course.spread(pieces) : course.every(where.everyMm());
            }
            case MARKS -> site.marks(where.marks());
        };
    }

    /**
     * The line that marks follow.
     *
     * @param usualInsetMm how far inside the edge it is where nothing else is said
     * @throws Refused when there is none
     */
    public Lines course(double usualInsetMm) {
        return switch (where.laid()) {
            case EDGE -> edge(where.besideMm() == null ? usualInsetMm : where.besideMm());
            case SEAMS -> {
                Lines seams = site.seams();
                if (seams.isEmpty()) {
                    throw new Refused("laid", "Nothing is split there. Divide the cookie first, or follow the edge.");
                }
                yield beside(seams);
            }
            case PATH -> {
                Lines own = beside(ownLine());
                yield where.mirrors() ? own.and(own.mirrored(site.middle().x())) : own;
            }
            default -> throw new IllegalStateException(where.laid() + " is no line");
        };
    }

    private Region room(double acrossMm) {
        return site.region().inset(acrossMm / 2);
    }

    private static List<Pose> upright(List<Spot> spots) {
        return spots.stream().map(Pose::at).toList();
    }

    private List<Pose> ring(int pieces) {
        Region region = site.region();
        Spot middle = region.middle();
        double radius = where.acrossMm() == null ? RING_SHARE * region.inscribedRadiusMm() : where.acrossMm() / 2;
        List<Pose> ring = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            double degrees = where.turn() + 360.0 * i / pieces;
            double angle = Math.toRadians(degrees);
            ring.add(new Pose(
                    middle.x() + radius * Math.sin(angle), middle.y() - radius * Math.cos(angle), degrees % 360));
        }
        return ring;
    }

    private List<Pose> places() {
        List<Place> places = where.places() == null ? List.of() : where.places();
        if (places.isEmpty()) {
            throw new Refused("places", "Press the cookie where it should stand, or write a place.");
        }
        return places.stream()
                .map(place -> new Pose(
                        site.middle().x() + place.x(),
                        site.middle().y() + place.y(),
                        place.turn() == null ? 0 : place.turn()))
                .toList();
    }

    private List<Pose> mirrored(List<Pose> poses) {
        if (!where.mirrors()) {
            return poses;
        }
        List<Pose> both = new ArrayList<>(poses);
        poses.stream()
                .filter(pose -> Math.abs(pose.x() - site.middle().x()) > ON_THE_MIRROR_MM)
                .forEach(pose -> both.add(pose.mirrored(site.middle().x())));
        return both;
    }

    private Lines edge(double insetMm) {
        Region inner =
                insetMm >= 0 ? site.region().inset(insetMm) : site.region().grown(-insetMm);
        if (inner.isEmpty()) {
            throw new Refused(
                    "besideMm",
                    "There is no room for a line %.1f mm inside this edge. Take a finer tip or a larger cookie."
                            .formatted(insetMm));
        }
        double from = where.fromPercent() == null ? 0 : where.fromPercent() / 100;
        double to = where.toPercent() == null ? 1 : where.toPercent() / 100;
        boolean allRound = from == to || from <= 0 && to >= 1;
        return allRound ? inner.edge() : inner.edge().partFromTop(from, to);
    }

    private Lines beside(Lines lines) {
        double mm = where.besideMm() == null ? 0 : where.besideMm();
        return mm == 0 ? lines : lines.beside(mm);
    }

    private Lines ownLine() {
        if (where.path() == null || where.path().isBlank()) {
            throw new Refused("path", "Draw the line first: SVG path data in mm, such as M-10 0L10 0.");
        }
        try {
            Lines line = Pen.following(where.path())
                    .lines()
                    .moved(site.middle().x(), site.middle().y());
            if (line.isEmpty()) {
                throw new Refused("path", "This line has no length.");
            }
            return line;
        } catch (IllegalArgumentException e) {
            throw new Refused("path", "This path can't be read: " + e.getMessage() + ".");
        }
    }
}
