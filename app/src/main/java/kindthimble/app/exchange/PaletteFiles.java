package kindthimble.app.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindthimble.core.colour.Lab;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Palettes as files: the text palette of free drawing programs ({@code .gpl}: a first line "GIMP Palette", then "R G B name" a line),
 * and JSON ({@code {"name": ..., "colours": [{"name": ..., "hex": "#RRGGBB"}]}}).
 */
@Component
public class PaletteFiles {
    private static final String FIRST_LINE = "GIMP Palette";
    private static final Pattern ROW = Pattern.compile("\\s*(\\d{1,3})\\s+(\\d{1,3})\\s+(\\d{1,3})(?:\\s+(.*))?");
    private static final int LONGEST = 200_000;
    private static final int MOST = 256;
    private static final int LONGEST_NAME = 40;

    private final JsonMapper json;

    PaletteFiles(JsonMapper json) {
        this.json = json;
    }

    /**
     * @param name of the palette
     * @param colours in order
     */
    public record PaletteFile(String name, List<Named> colours) {
        public PaletteFile {
            colours = colours == null ? List.of() : List.copyOf(colours);
        }
    }

    /** A colour with its name. */
    public record Named(String name, String hex) {}

    public String gpl(PaletteFile palette) {
        StringBuilder text = new StringBuilder(FIRST_LINE)
                .append("\nName: ")
                .append(oneLine(palette.name()))
                .append("\nColumns: 0\n#\n");
        for (Named colour : palette.colours()) {
            int rgb = Integer.parseInt(colour.hex().substring(1), 16);
            text.append(String.format(
                    Locale.ROOT, "%3d %3d %3d\t%s%n", rgb >> 16, rgb >> 8 & 255, rgb & 255, oneLine(colour.name())));
        }
        return text.toString();
    }

    public String json(PaletteFile palette) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(palette);
    }

    /**
     * Reads either.
     *
     * @throws Refused when it is neither, or holds no colour
     */
    public PaletteFile read(String text) {
        if (text == null || text.isBlank()) {
            throw new Refused("text", "This file is empty. Take a palette file, .gpl or .json.");
        }
        if (text.length() > LONGEST) {
            throw new Refused("text", "This file is larger than any palette. Take a palette file, .gpl or .json.");
        }
        String plain = text.replace("\uFEFF", "").strip();
        PaletteFile read = plain.startsWith(FIRST_LINE) ? readGpl(plain) : readJson(plain);
        if (read.colours().isEmpty()) {
            throw new Refused("text", "There is no colour in this file.");
        }
        return new PaletteFile(
                read.name(),
                read.colours().subList(0, Math.min(MOST, read.colours().size())));
    }

    private static PaletteFile readGpl(String text) {
        String name = "";
        List<Named> colours = new ArrayList<>();
        for (String line : text.lines().toList()) {
            Matcher row = ROW.matcher(line);
            if (line.startsWith("Name:")) {
                name = line.substring("Name:".length()).strip();
            } else if (row.matches()) {
                int[] rgb = new int[3];
                for (int i = 0; i < 3; i++) {
                    rgb[i] = Integer.parseInt(row.group(i + 1));
                    if (rgb[i] > 255) {
                        throw new Refused("text", "In \"" + line.strip() + "\" a number is over 255.");
                    }
                }
                colours.add(named(row.group(4), String.format("#%02X%02X%02X", rgb[0], rgb[1], rgb[2]), colours));
            }
        }
        return new PaletteFile(name, colours);
    }

    private PaletteFile readJson(String text) {
        JsonNode root;
        try {
            root = json.readTree(text);
        } catch (JacksonException e) {
            throw new Refused(
                    "text", "This is no palette: a .gpl file starts with \"" + FIRST_LINE + "\", and JSON with {.");
        }
        JsonNode list = root.isArray() ? root : root.path("colours");
        List<Named> colours = new ArrayList<>();
        for (JsonNode one : list) {
            String hex = one.path("hex").asString("");
            if (!Lab.isHex(hex)) {
                throw new Refused("text", "Colour %d has no hex such as #D5473F.".formatted(colours.size() + 1));
            }
            colours.add(named(one.path("name").asString(""), hex.toUpperCase(Locale.ROOT), colours));
        }
        return new PaletteFile(root.path("name").asString(""), colours);
    }

    private static Named named(String name, String hex, List<Named> before) {
        String plain = name == null ? "" : oneLine(name).strip();
        String cut =
                plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME).strip() : plain;
        return new Named(cut.isEmpty() ? "Colour " + (before.size() + 1) : cut, hex);
    }

    private static String oneLine(String text) {
        return text.replaceAll("[\\r\\n\\t]+", " ");
    }
}
