package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What shapes are painted with: a colour, or the mean colour of a gradient. */
final class SvgPaints {
    private static final Pattern REFERENCE =
            Pattern.compile("url\\(\\s*[\"']?#([^\"')]+?)[\"']?\\s*\\)(.*)", Pattern.DOTALL);
    private static final int MOST_STEPS = 12;

    private final SvgTree tree;
    private final StyleSheet sheet;
    private final Set<String> notes;

    SvgPaints(SvgTree tree, StyleSheet sheet, Set<String> notes) {
        this.tree = tree;
        this.sheet = sheet;
        this.notes = notes;
    }

    /** What a value refers to inside the file; null for nothing. */
    static String reference(String written) {
        Matcher matcher = REFERENCE.matcher(written.strip());
        return matcher.matches() ? matcher.group(1).strip() : null;
    }

    /**
     * The colour of a paint.
     *
     * @return null for none
     */
    SvgColour of(String written, SvgStyle style, String opacity) {
        SvgColour colour = plain(written, style);
        return colour == null ? null : colour.hidingLess(SvgStyle.share(style.get(opacity, null), 1));
    }

    private SvgColour plain(String written, SvgStyle style) {
        String word = written.strip();
        Matcher reference = REFERENCE.matcher(word);
        if (reference.matches()) {
            SvgNode server = tree.byId.get(reference.group(1).strip());
            if (server != null && server.name.endsWith("Gradient")) {
                return mean(server);
            }
            if (server != null) {
                notes.add("A pattern is left out: a shape that is filled with one has no colour of its own.");
            }
            String otherwise = reference.group(2).strip();
            return otherwise.isEmpty() ? null : plain(otherwise, style);
        }
        return switch (word.toLowerCase(Locale.ROOT)) {
            case "none", "context-fill", "context-stroke" -> null;
            case "currentcolor" -> style.colour();
            default -> SvgColour.read(word);
        };
    }

    /** The mean of a gradient from its start to its end. */
    private SvgColour mean(SvgNode gradient) {
        SvgNode at = gradient;
        List<SvgNode> stops = stops(at);
        for (int i = 0; i < MOST_STEPS && stops.isEmpty() && at != null && at.reference() != null; i++) {
            at = tree.byId.get(at.reference());
            stops = at == null ? List.of() : stops(at);
        }
        if (stops.isEmpty()) {
            return null;
        }
        double[] sum = new double[4];
        double[] last = null;
        double lastAt = 0;
        for (SvgNode stop : stops) {
            Map<String, String> said = sheet.of(stop);
            double offset = Math.max(lastAt, SvgStyle.share(said.get("offset"), 0));
            String written = said.getOrDefault("stop-color", "black");
            SvgColour colour = written.strip().equalsIgnoreCase("currentColor")
                    ? SvgStyle.INITIAL.with(said).colour()
                    : SvgColour.read(written);
            colour =
                    (colour == null ? SvgColour.BLACK : colour).hidingLess(SvgStyle.share(said.get("stop-opacity"), 1));
            double[] now = {
                colour.red() * colour.alpha(),
                colour.green() * colour.alpha(),
                colour.blue() * colour.alpha(),
                colour.alpha()
            };
            double[] before = last == null ? now : last;
            for (int i = 0; i < 4; i++) {
                sum[i] += (offset - lastAt) * (before[i] + now[i]) / 2;
            }
            last = now;
            lastAt = offset;
        }
        for (int i = 0; i < 4; i++) {
            sum[i] += (1 - lastAt) * last[i];
        }
        SvgColour mean = sum[3] <= 0
                ? new SvgColour(0, 0, 0, 0)
                : new SvgColour(sum[0] / sum[3], sum[1] / sum[3], sum[2] / sum[3], sum[3]);
        notes.add("A gradient was taken as its mean colour, " + mean.hex() + ".");
        return mean;
    }

    private static List<SvgNode> stops(SvgNode gradient) {
        List<SvgNode> stops = new ArrayList<>();
        for (SvgNode child : gradient.children) {
            if (child.name.equals("stop")) {
                stops.add(child);
            }
        }
        return stops;
    }
}
