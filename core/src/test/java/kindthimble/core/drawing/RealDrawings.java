package kindthimble.core.drawing;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Ten drawings of others, and what shows of each colour. */
public final class RealDrawings {
    private RealDrawings() {}

    public static byte[] file(String name) throws IOException {
        try (InputStream in = RealDrawings.class.getResourceAsStream("/svg/" + name)) {
            return in.readAllBytes();
        }
    }

    /** Shares of the view by colour. */
    public static Map<String, Double> truth(String name) throws IOException {
        String all = new String(file("truth.json"), StandardCharsets.UTF_8);
        String own = all.substring(all.indexOf("\"file\":\"" + name + "\""));
        String colours = own.substring(own.indexOf("\"colours\":{"), own.indexOf('}', own.indexOf("\"colours\":{")));
        Matcher colour = Pattern.compile("\"(#[0-9A-F]{6})\":([0-9.e-]+)").matcher(colours);
        Map<String, Double> shares = new HashMap<>();
        while (colour.find()) {
            shares.put(colour.group(1), Double.parseDouble(colour.group(2)));
        }
        return shares;
    }
}
