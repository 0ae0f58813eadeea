package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;

/** Draws the lines that moves lay across a region. */
final class Strokes {
    private static final double STEP_MM = 0.5;

    private Strokes() {}

    /**
     * Evenly spaced lines across a region.
     *
     * @param tiltDegrees 0 for level ones
     * @param form how each runs
     * @throws Refused when none of them meets the region
     */
    static Lines across(Region region, int count, double tiltDegrees, Form form) {
        Box box = region.turned(-tiltDegrees).box();
        List<Lines> lines = new ArrayList<>();
        double apart = box.heightMm() / (count + 1);
        double cos = Math.cos(Math.toRadians(tiltDegrees));
        double sin = Math.sin(Math.toRadians(tiltDegrees));
        for (int i = 1; i <= count; i++) {
            double y = box.y() + i * apart;
            List<Spot> spots = new ArrayList<>();
            for (double x = 0; x < box.widthMm() + STEP_MM; x += STEP_MM) {
                double px = box.x() + Math.min(x, box.widthMm());
                double py = y + form.offset(Math.min(x, box.widthMm()), Math.min(apart / 3, 3));
                spots.add(new Spot(px * cos - py * sin, px * sin + py * cos));
            }
            lines.add(Lines.through(spots).within(region));
        }
        Lines all = Lines.all(lines.stream().filter(line -> !line.isEmpty()).toList());
        if (all.isEmpty()) {
            throw new Refused("", "None of these lines meets the section. Change their number or their tilt.");
        }
        return all;
    }

    /** How a line runs. */
    public enum Form {
        STRAIGHT,
        WAVY,
        SCALLOP,
        ZIGZAG;

        private static final double WAVE_MM = 8;

        double offset(double along, double heightMm) {
            double turn = along / WAVE_MM;
            return switch (this) {
                case STRAIGHT -> 0;
                case WAVY -> heightMm * Math.sin(2 * Math.PI * turn);
                case SCALLOP -> heightMm * (Math.abs(Math.sin(Math.PI * turn)) - 0.5);
                case ZIGZAG -> heightMm * (Math.abs(2 * (turn - Math.floor(turn + 0.5))) - 0.5);
            };
        }
    }
}
