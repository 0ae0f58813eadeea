package kindthimble.app.drawing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import kindthimble.core.drawing.Drawing;

/** A drawing as it was read: what can be seen of each colour, what each shape becomes, and why. */
record DrawingView(
        double widthMm,
        double heightMm,
        List<Colour> colours,
        List<Shape> regions,
        List<Stroke> strokes,
        List<String> notes) {

    @Schema(name = "DrawnColour")
    record Colour(String colour, double areaMm2, int regions) {}

    /** A shape, with its edge as path data in mm, and the number of the stroke that it is a piece of; -1 for a fill. */
    @Schema(name = "DrawnShape")
    record Shape(
            String id,
            String colour,
            double areaMm2,
            double perimeterMm,
            double inscribedRadiusMm,
            String becomes,
            String why,
            String path,
            int stroke) {}

    @Schema(name = "DrawnStroke")
    record Stroke(String colour, double lengthMm, double widthMm) {}

    static DrawingView of(Drawing drawing) {
        return new DrawingView(
                drawing.widthMm(),
                drawing.heightMm(),
                drawing.colours().stream()
                        .map(colour -> new Colour(colour.hex(), colour.areaMm2(), colour.parts()))
                        .toList(),
                drawing.parts().stream()
                        .map(part -> new Shape(
                                part.id(),
                                part.hex(),
                                part.areaMm2(),
                                part.perimeterMm(),
                                part.inscribedRadiusMm(),
                                part.becomes().word(),
                                part.why(),
                                part.region().pathData(),
                                part.line()))
                        .toList(),
                drawing.lines().stream()
                        .map(line -> new Stroke(line.hex(), line.lengthMm(), line.widthMm()))
                        .toList(),
                drawing.notes());
    }
}
