package kindthimble.app.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.json.JsonMapper;

/** Drawings and pictures of which something was changed by hand, or broke on the way: each is read, or refused with a sentence. */
class HostileFilesTest {
    private static final int DRAWINGS = Integer.getInteger("kind-thimble.fuzz.svgs", 30);
    private static final int PICTURES = Integer.getInteger("kind-thimble.fuzz.pictures", 15);
    private static final long SEED = Long.getLong("kind-thimble.fuzz.seed", 26);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<String> NAMES =
            List.of("spool", "house", "fish", "windsock", "mug", "tree", "kite", "bee", "lantern", "boat");
    private static final List<String> ODD = List.of(
            "0",
            "-1",
            "1e9",
            "-1e30",
            "1e999",
            "NaN",
            "0.000001",
            "100%",
            "1e-320",
            "",
            "\"",
            "<",
            "&#0;",
            "<g>",
            "</svg>",
            "<!--",
            "url(#a)",
            "inherit",
            "matrix(0 0 0 0 0 0)",
            "rotate(1e9)",
            "scale(0)",
            "scale(1e6)",
            "M0 0A1 1 0 0 0 0 0Z",
            "\uD83C\uDF6A");

    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static String changed(String svg, Random random) {
        StringBuilder text = new StringBuilder(svg);
        for (int n = 1 + random.nextInt(3); n > 0; n--) {
            int from = random.nextInt(text.length());
            int to = Math.min(text.length(), from + 1 + random.nextInt(40));
            String odd = ODD.get(random.nextInt(ODD.size()));
            switch (random.nextInt(5)) {
                case 0 -> text.delete(from, to);
                case 1 -> text.insert(from, text.substring(from, to));
                case 2 -> text.insert(from, odd);
                default -> {
                    // A number becomes another one.
                    int digit = from;
                    while (digit < text.length() && !Character.isDigit(text.charAt(digit))) {
                        digit++;
                    }
                    int end = digit;
                    while (end < text.length() && Character.isDigit(text.charAt(end))) {
                        end++;
                    }
                    text.replace(digit, end, odd);
                }
            }
        }
        return text.toString();
    }

    @Test
    void eachDrawingIsReadOrRefusedWithASentence() {
        Random random = new Random(SEED);
        List<String> drawings = NAMES.stream()
                .map(name -> APP.text("/drawings/" + name + ".svg"))
                .toList();
        List<String> wrong = new ArrayList<>();
        int read = 0;
        String said = "";
        long slowestMs = 0;
        for (int i = 0; i < DRAWINGS; i++) {
            String svg = changed(drawings.get(random.nextInt(drawings.size())), random);
            long from = System.nanoTime();
            Answer seen = APP.send(
                    "/api/cookies/svg-preview?heightMm=90", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8));
            Answer added = APP.post(
                    "/api/orders/1/drawn-designs",
                    JSON.createObjectNode()
                            .put("file", svg)
                            .put("heightMm", 90)
                            .put("name", "Changed")
                            .put("count", 1)
                            .put("marginMm", 0)
                            .toString());
            slowestMs = Math.max(slowestMs, (System.nanoTime() - from) / 1_000_000);
            for (Answer answer : List.of(seen, added)) {
                isAnAnswer(answer, svg, wrong);
            }
            if (added.status() != 201) {
                said = added.body().get("detail").asString();
            } else {
                read++;
                APP.call("DELETE", "/api/orders/1/designs/" + added.body().at("/designs/0/id"), null);
            }
        }
        System.out.println(
                "Changed drawings: " + DRAWINGS + ", " + read + " became designs, slowest " + slowestMs + " ms");
        assertTrue(wrong.isEmpty(), () -> wrong.size() + " of " + DRAWINGS + ":\n" + String.join("\n", wrong));
        assertTrue(read > DRAWINGS / 5, read + " of " + DRAWINGS + ", " + said);
        assertEquals(200, APP.get("/api/orders/1").status());
    }

    private static void isAnAnswer(Answer answer, String of, List<String> wrong) {
        if (answer.status() >= 500) {
            wrong.add(answer.status() + " for " + of);
        } else if (answer.status() >= 400
                && answer.body().path("detail").asString("").length() < 15) {
            wrong.add("no sentence for " + of);
        }
    }

    private static byte[] picture(Random random, String format) throws IOException {
        BufferedImage image = new BufferedImage(160, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 160, 200);
        for (int i = 0; i < 7; i++) {
            pen.setColor(new Color(random.nextInt(0xFFFFFF)));
            if (random.nextBoolean()) {
                pen.fillOval(
                        random.nextInt(100), random.nextInt(140), 10 + random.nextInt(90), 10 + random.nextInt(90));
            } else {
                pen.fillRect(
                        random.nextInt(100), random.nextInt(140), 10 + random.nextInt(90), 10 + random.nextInt(90));
            }
        }
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private static byte[] broken(byte[] file, Random random) {
        byte[] copy = file.clone();
        switch (random.nextInt(4)) {
            case 0 -> {
                return Arrays.copyOf(copy, random.nextInt(copy.length));
            }
            case 1 -> {
                return Arrays.copyOf(copy, copy.length + random.nextInt(2_000));
            }
            default -> {
                // Most often in the head, where sizes and kinds are told.
                for (int n = 1 + random.nextInt(4); n > 0; n--) {
                    copy[random.nextInt(random.nextBoolean() ? 60 : copy.length)] = (byte) random.nextInt(256);
                }
                return copy;
            }
        }
    }

    @Test
    void eachPictureIsTracedOrRefusedWithASentence() throws IOException {
        Random random = new Random(SEED);
        List<String> wrong = new ArrayList<>();
        int traced = 0;
        for (int i = 0; i < PICTURES; i++) {
            boolean isPng = random.nextBoolean();
            byte[] file = picture(random, isPng ? "png" : "jpeg");
            byte[] sent = random.nextInt(5) == 0 ? file : broken(file, random);
            String type = isPng ? "image/png" : "image/jpeg";
            String what = type + " " + i + " of seed " + SEED;
            List<String> lines = APP.lines("/api/pictures/trace", type, sent);
            String last = lines.get(lines.size() - 1);
            if (last.contains("\"svg\"")) {
                traced++;
                isAnAnswer(
                        APP.send(
                                "/api/cookies/svg-preview",
                                "image/svg+xml",
                                JSON.readTree(last).get("svg").asString().getBytes(StandardCharsets.UTF_8)),
                        what,
                        wrong);
            } else if (JSON.readTree(last).path("trouble").asString("").length() < 15) {
                wrong.add(what + " " + last);
            }
            isAnAnswer(APP.send("/api/pictures/corners?on=A4", type, sent), what, wrong);
            isAnAnswer(
                    APP.send("/api/pictures/outline?on=A4&corners=0.1,0.1,0.9,0.1,0.9,0.9,0.1,0.9", type, sent),
                    what,
                    wrong);
        }
        assertTrue(wrong.isEmpty(), () -> wrong.size() + ":\n" + String.join("\n", wrong));
        assertTrue(traced > PICTURES / 6, traced + " of " + PICTURES);
    }
}
