package kindthimble.app.licences;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The list of licences is that of what ships: the jars of the application, as Maven names them, and the packages of the interface, as npm does. */
class LicencesTest {
    private static final Path LIST = Path.of("../docs/licences.md");
    private static final String ABOVE =
            "<!-- From here on written by the build: after a change of what ships, run bin/licences. -->";

    /** Lines of a table by the name of what ships. */
    private static String table(Map<String, String> lines) {
        StringBuilder table = new StringBuilder("| what | version | licence |\n|---|---|---|\n");
        lines.values().forEach(line -> table.append(line).append('\n'));
        return table.toString();
    }

    private static String line(String what, String version, String licence) {
        return "| %s | %s | %s |".formatted(what, version, licence);
    }

    private static Map<String, String> jars() throws IOException {
        Map<String, String> jars = new TreeMap<>();
        for (String jar : Files.readAllLines(Path.of("target/licences/java.txt"))) {
            if (!jar.isBlank()) {
                String[] parts = jar.strip().split("\\|");
                assertTrue(
                        parts.length == 3
                                && !parts[2].toLowerCase(java.util.Locale.ROOT).contains("unknown"),
                        jar);
                jars.put(parts[0], line(parts[0], parts[1], parts[2]));
            }
        }
        return jars;
    }

    private static Map<String, String> packages() throws IOException {
        Map<String, String> packages = new TreeMap<>();
        JsonNode lock = JsonMapper.builder().build().readTree(Files.readString(Path.of("../web/package-lock.json")));
        lock.get("packages").properties().forEach(one -> {
            boolean ships = !one.getKey().isEmpty()
                    && !one.getValue().path("dev").asBoolean(false)
                    && !one.getValue().path("optional").asBoolean(false);
            if (ships) {
                String name = one.getKey().replaceFirst(".*node_modules/", "");
                packages.put(
                        name,
                        line(
                                name,
                                one.getValue().get("version").asString(),
                                one.getValue().path("license").asString("unknown")));
            }
        });
        assertTrue(packages.values().stream().noneMatch(line -> line.contains("unknown")), packages::toString);
        return packages;
    }

    @Test
    void theListIsThatOfWhatShips() throws IOException {
        String written = Files.readString(LIST);
        String kept = written.substring(0, written.indexOf(ABOVE) + ABOVE.length());
        String now = kept + "\n\n## In the application\n\n" + table(jars()) + "\n## In the interface\n\n"
                + table(packages());
        if (Boolean.getBoolean("kind-thimble.write-licences")) {
            Files.writeString(LIST, now);
        }
        assertEquals(now, Files.readString(LIST));
        List<String> known = new ArrayList<>(List.of("org.postgresql:postgresql", "org.locationtech.jts:jts-core"));
        known.removeAll(jars().keySet());
        assertEquals(List.of(), known);
    }
}
