package kindthimble.core.move;

import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.placing.Site;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/** Some sections of a cookie while its moves are laid on it, as marks are placed on them. */
final class SectionSite implements Site {
    private final Ground ground;
    private final String on;
    private Region region;

    /**
     * @param on words for the sections; null or blank for the whole cookie
     */
    SectionSite(Ground ground, String on) {
        this.ground = ground;
        this.on = on;
    }

    @Override
    public Region region() {
        if (region == null) {
            region = ground.on(on);
        }
        return region;
    }

    @Override
    public Spot middle() {
        return ground.middle();
    }

    @Override
    public Lines seams() {
        return Strokes.splits(ground, on);
    }

    @Override
    public List<Spot> standing() {
        Box box = region().box();
        return ground.allStanding().stream()
                .filter(pose -> box.holds(pose.x(), pose.y()))
                .map(Pose::spot)
                .toList();
    }

    @Override
    public List<Pose> marks(String words) {
        List<Pose> poses = ground.standing(words);
        if (poses.isEmpty()) {
            throw new Refused(
                    "where.marks", "%s has no marks that these could stand on.".formatted(Range.capital(words)));
        }
        Region within = region();
        List<Pose> there = on == null || on.isBlank()
                ? poses
                : poses.stream()
                        .filter(pose -> within.covers(pose.x(), pose.y()))
                        .toList();
        if (there.isEmpty()) {
            throw new Refused("where.marks", "None of these marks is in that section.");
        }
        return there;
    }
}
