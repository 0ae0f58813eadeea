package kindthimble.inpage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import kindthimble.core.bench.BagStanding;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.ColourRescue;
import kindthimble.core.bench.InProportion;
import kindthimble.core.bench.NextWater;
import kindthimble.core.bench.TooThin;
import kindthimble.core.bench.TopUp;
import kindthimble.core.bench.TouchedGate;
import kindthimble.core.bench.TrialCookie;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.pour.Making;
import org.junit.jupiter.api.Test;

/** What the page ships answers as core does, in 2,000 cases by chance; where core has changed since, {@code bin/rules} compiles it anew. */
class PageAndCoreTest {
    private static final int CASES = 2_000;
    private static final Instant START = Instant.parse("2026-12-04T09:00:00Z");

    private final Random random = new Random(27);

    /** A call, and what core answers to it. */
    private record Case(String rule, String given, List<Double> wanted) {}

    @Test
    void thePageAnswersAsCoreDoes() throws IOException, InterruptedException {
        List<Case> cases = new ArrayList<>();
        while (cases.size() < CASES) {
            cases.add(water());
            cases.add(thin());
            cases.add(standing());
            cases.add(trial());
            cases.add(topUp());
            cases.add(small());
            cases.add(touched());
        }
        List<String> answers = asked(cases);
        assertEquals(cases.size(), answers.size());
        for (int i = 0; i < cases.size(); i++) {
            Case one = cases.get(i);
            List<Double> page = java.util.Arrays.stream(answers.get(i).split(" "))
                    .map(PageAndCoreTest::number)
                    .toList();
            assertEquals(one.wanted().size(), page.size(), one.rule());
            for (int k = 0; k < page.size(); k++) {
                double wanted = one.wanted().get(k);
                assertTrue(
                        Double.compare(wanted, page.get(k)) == 0
                                || Math.abs(wanted - page.get(k)) <= 1e-9 * Math.max(1, Math.abs(wanted)),
                        one.rule() + " " + one.given() + ": core " + one.wanted() + ", page " + page);
            }
        }
    }

    private static double number(String said) {
        return switch (said) {
            case "true" -> 1;
            case "false" -> 0;
            default -> Double.parseDouble(said);
        };
    }

    /** What the compiled rules answer, in Node. */
    private static List<String> asked(List<Case> cases) throws IOException, InterruptedException {
        Path compiled = Path.of("../web/src/core/compiled.js").toRealPath();
        Path asPage = Files.createTempFile("rules", ".mjs");
        Files.copy(compiled, asPage, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        Process node = new ProcessBuilder(
                        "node", "src/test/resources/answers.mjs", asPage.toUri().toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String calls = cases.stream()
                .map(one -> "{\"rule\":\"%s\",\"given\":[%s]}\n".formatted(one.rule(), one.given()))
                .collect(Collectors.joining());
        Thread writing = new Thread(() -> {
            try (OutputStream in = node.getOutputStream()) {
                in.write(calls.getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        writing.start();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(node.getInputStream(), StandardCharsets.UTF_8))) {
            List<String> answers = out.lines().toList();
            assertEquals(0, node.waitFor());
            return answers;
        } finally {
            Files.delete(asPage);
        }
    }

    private double between(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    private static String json(String format, Object... of) {
        return String.format(Locale.ROOT, format, of);
    }

    private Case water() {
        double count = between(5, 80);
        double wanted = between(3, 50);
        double grams = between(20, 900);
        ThinningCurve curve = new ThinningCurve(between(30, 90), between(0.15, 0.3));
        return new Case(
                "nextWater",
                count + "," + wanted + "," + grams + "," + base(curve, 80, 13),
                List.of(NextWater.grams(count, wanted, grams, curve)));
    }

    private static String base(ThinningCurve curve, double sugar, double water) {
        return json(
                "{\"countSeconds\":%s,\"perGram\":%s,\"sugarPer100\":%s,\"waterPer100\":%s}",
                curve.ownCountSeconds(), curve.perGram(), sugar, water);
    }

    private Case touched() {
        double gate = between(60, 30_000);
        double touched = between(1, 40_000);
        boolean isSkinned = random.nextBoolean();
        return new Case(
                "touchedGate",
                gate + "," + touched + "," + isSkinned,
                List.of(TouchedGate.seconds(gate, touched, isSkinned)));
    }

    private Case thin() {
        double wanted = between(6, 60);
        double count = wanted * between(0.3, 1);
        double grams = between(20, 900);
        TooThin.Base base = new TooThin.Base(
                new ThinningCurve(between(30, 90), between(0.15, 0.3)), between(75, 86), between(10, 18));
        TooThin thin = TooThin.of(count, wanted, grams, base);
        return new Case(
                "tooThin",
                count + "," + wanted + "," + grams + "," + base(base.curve(), base.sugarPer100(), base.waterPer100()),
                List.of(thin.stiffGrams(), thin.sugarGrams()));
    }

    private Case trial() {
        double planned = between(4, 12);
        double coat = planned * between(0, 1);
        List<TrialCookie.Weighed> cookies = new ArrayList<>();
        int n = 1 + random.nextInt(4);
        for (int i = 0; i < n; i++) {
            double bare = between(15, 40);
            cookies.add(new TrialCookie.Weighed(bare, bare + planned * between(0.4, 2.2)));
        }
        TrialCookie trial = TrialCookie.of(cookies, planned, coat, 0.12, 0.08);
        return new Case(
                "trial",
                cookies.stream()
                                .map(one -> json("{\"bare\":%s,\"iced\":%s}", one.bareGrams(), one.icedGrams()))
                                .collect(Collectors.joining(",", "[", "]"))
                        + "," + planned + "," + coat + ",0.12,0.08",
                List.of(
                        (double) trial.cookies(),
                        trial.found(),
                        trial.moved(),
                        trial.isAsPlanned() ? 1.0 : 0.0,
                        (double) TrialCookie.BETTER));
    }

    private Case topUp() {
        double water = between(0, 0.1);
        double sugar = random.nextBoolean() ? between(0, 0.2) : 0;
        double gel = between(0, 0.02);
        double flavour = random.nextBoolean() ? between(0, 0.1) : 0;
        Making making = new Making(1 - water - sugar - gel - flavour, water, sugar, gel, flavour);
        double wanted = between(2, 120);
        TopUp made = TopUp.of(wanted, 5, making);
        assertEquals(
                made.grams(),
                made.baseGrams() + made.waterGrams() + made.sugarGrams() + made.gelGrams() + made.flavourGrams(),
                1e-9,
                "what goes in comes out");
        return new Case(
                "topUp",
                wanted
                        + json(
                                ",{\"base\":%s,\"water\":%s,\"sugar\":%s,\"gel\":%s,\"flavour\":%s,\"keepsGrams\":5}",
                                making.base(), making.water(), making.sugar(), making.gel(), making.flavour()),
                List.of(
                        made.grams(),
                        made.baseGrams(),
                        made.waterGrams(),
                        made.sugarGrams(),
                        made.gelGrams(),
                        made.flavourGrams()));
    }

    private Case small() {
        double grams = between(0, 3);
        double times = between(0, 1.5);
        return switch (random.nextInt(3)) {
            case 0 -> new Case("weightBand", "" + grams * 200, List.of(InProportion.band(grams * 200)));
            case 1 -> {
                ColourRescue.Dose dose = ColourRescue.more(grams, times);
                yield new Case("rescueGel", grams + "," + times, List.of((double) dose.drops(), (double) dose.dabs()));
            }
            default -> {
                List<Double> wanted = List.of(grams + 1, times + 1, 5.0);
                yield new Case(
                        "inProportion", wanted.toString() + ",1," + (times + 2), InProportion.of(wanted, 1, times + 2));
            }
        };
    }

    private Case standing() {
        List<String> steps = List.of("one", "other");
        List<BagUse.Iced> drinks = new ArrayList<>();
        for (String step : steps) {
            double each = between(1, 12);
            drinks.add(new BagUse.Iced(step, 4 + random.nextInt(20), each, each * random.nextDouble()));
        }
        double wanted = drinks.stream()
                .mapToDouble(one -> one.cookies() * one.eachGrams())
                .sum();
        List<BagUse.Fill> fills = new ArrayList<>();
        int parts = 1 + random.nextInt(2);
        for (int part = 0; part < parts; part++) {
            int bags = 1 + random.nextInt(3);
            fills.add(new BagUse.Fill(
                    bags,
                    wanted * between(0.9, 1.3) / parts / bags + 8,
                    part == 0 ? "bagged" : "bagged more",
                    1 + random.nextInt(2)));
        }
        BagUse bag = new BagUse("a bag", fills, 8, drinks);
        List<BenchEvent> events = new ArrayList<>();
        int n = random.nextInt(30);
        for (int i = 0; i < n; i++) {
            String step = steps.get(random.nextInt(2));
            BenchEvent.Pressed what = List.of(
                            BenchEvent.Pressed.ICED,
                            BenchEvent.Pressed.ICED,
                            BenchEvent.Pressed.ICED,
                            BenchEvent.Pressed.BROKE,
                            BenchEvent.Pressed.REDONE,
                            BenchEvent.Pressed.BAG,
                            BenchEvent.Pressed.ADDED,
                            BenchEvent.Pressed.WEIGHED,
                            BenchEvent.Pressed.UNDONE)
                    .get(random.nextInt(9));
            boolean isCookie = what == BenchEvent.Pressed.ICED
                    || what == BenchEvent.Pressed.BROKE
                    || what == BenchEvent.Pressed.REDONE;
            String words = switch (what) {
                case BAG, ADDED -> random.nextInt(5) == 0 ? "another bag" : "a bag";
                case WEIGHED -> "bag " + (1 + random.nextInt(3));
                case UNDONE -> "e" + random.nextInt(30);
                default -> "";
            };
            events.add(new BenchEvent(
                    "e" + i,
                    START.plusSeconds(random.nextInt(20)),
                    random.nextBoolean() ? "tablet" : "phone",
                    what,
                    what == BenchEvent.Pressed.WEIGHED ? random.nextBoolean() ? "bagged" : "bagged more" : step,
                    isCookie ? 1 + random.nextInt(10) : between(0, 150),
                    words));
        }
        double fuller = between(0.8, 1.4);
        BagStanding standing = BagStanding.of(bag, events, 0.12, 0.08);
        return new Case(
                "bagStanding",
                json(
                                "{\"key\":\"a bag\",\"fills\":[%s],\"keepsGrams\":8,\"drinks\":[%s]},[%s],",
                                fills.stream()
                                        .map(one -> json(
                                                "{\"bags\":%d,\"fullGrams\":%s,\"filledAt\":\"%s\",\"firstBag\":%d}",
                                                one.bags(), one.fullGrams(), one.filledAt(), one.firstBag()))
                                        .collect(Collectors.joining(",")),
                                drinks.stream()
                                        .map(one -> json(
                                                "{\"step\":\"%s\",\"cookies\":%d,\"eachGrams\":%s,\"coatGrams\":%s}",
                                                one.step(), one.cookies(), one.eachGrams(), one.coatGrams()))
                                        .collect(Collectors.joining(",")),
                                events.stream()
                                        .map(one -> json(
                                                "{\"id\":\"%s\",\"atMs\":%d,\"device\":\"%s\",\"what\":\"%s\",\"step\":\"%s\",\"amount\":%s,\"words\":\"%s\"}",
                                                one.id(),
                                                one.at().toEpochMilli(),
                                                one.device(),
                                                one.what(),
                                                one.step(),
                                                one.amount(),
                                                one.words()))
                                        .collect(Collectors.joining(",")))
                        + "0.12,0.08," + fuller,
                List.of(
                        standing.leftGrams(),
                        standing.isWeighed() ? 1.0 : 0.0,
                        (double) standing.bagsLeft(),
                        standing.toGo(),
                        standing.toGoGrams(),
                        standing.reaches(),
                        standing.forecast().times(),
                        standing.forecast().shortGrams(),
                        standing.forecast().chance(),
                        standing.isShort() ? 1.0 : 0.0,
                        standing.wantedGrams(),
                        (double) standing.fewer(),
                        standing.leaner(),
                        standing.shortGrams(bag, events, fuller)));
    }
}
