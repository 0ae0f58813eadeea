package kindthimble.app.agreement;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.JsonNode;

/** What screens and papers say of an order's cookies: what is cut, baked, iced and packed, what each takes, and when. */
final class CookieFigures {
    private static final Pattern ICED = Pattern.compile("(?:: ice|, made ahead for) (\\d+)");
    private static final String TRAY_ICED = "a tray is iced at ";

    private final Said said;
    private final long order;
    private final Papers papers;

    CookieFigures(Said said, long order, Papers papers) {
        this.said = said;
        this.order = order;
        this.papers = papers;
    }

    /** What is cut, baked, iced and packed. */
    void cookies() {
        JsonNode view = said.ofOrder("");
        JsonNode share = view.at("/plan/own");
        JsonNode baking = said.ofOrder("/baking");
        JsonNode dough = baking.at("/dough/dough");
        said.says("set", "dough, g", share.at("/dough/dough/grams").asDouble());
        said.says("baking", "dough, g", dough.get("grams").asDouble());
        said.says("set", "pieces of dough", share.at("/dough/dough/pieces").asInt());
        for (JsonNode making : said.ofOrder("/mixing").get("doughs")) {
            if (making.get("order").asLong() == order) {
                making.at("/dough/weighed")
                        .forEach(line -> said.says(
                                "sheet",
                                "into the dough: " + line.get("ingredient").asString(),
                                line.get("grams").asDouble()));
            }
        }
        for (JsonNode one : baking.get("designs")) {
            said.says(
                    "baking",
                    "pieces of dough",
                    one.get("iced").asInt() + one.get("bare").asInt());
        }
        said.says(
                "set",
                "iced, spares with them",
                share.get("cookies").asInt() + share.get("spares").asInt());
        for (JsonNode step : said.ofOrder("/bench").get("steps")) {
            switch (step.get("doing").asString()) {
                case "DOUGH" ->
                    step.get("weighed")
                            .forEach(line -> said.says(
                                    "bench",
                                    "into the dough: " + line.get("name").asString(),
                                    line.get("grams").asDouble()));
                case "CUT" ->
                    said.says("bench", "pieces of dough", step.get("cookies").asInt());
                case "PACK" -> {
                    said.says(
                            "bench",
                            "iced, spares with them",
                            step.get("cookies").asInt());
                    said.says(
                            "bench",
                            "cookie bags",
                            step.at("/packaging/0/pieces").asInt());
                }
                case "LABEL" ->
                    step.get("packaging")
                            .forEach(one -> said.says(
                                    "bench",
                                    one.get("name").asString(),
                                    one.get("pieces").asInt()));
                default -> {
                    // Told above, or of no figure that stands elsewhere.
                }
            }
        }
        // Of orders that are mixed together the list is one; what each takes of it is at its own bench.
        TreeSet<Long> mixed = new TreeSet<>();
        said.ofOrder("/mixing")
                .at("/pour/designs")
                .forEach(one -> mixed.add(one.get("order").asLong()));
        if (mixed.size() == 1) {
            for (JsonNode line : said.ofOrder("/mixing").get("shopping")) {
                String name = line.get("name").asString();
                if (List.of("cookie bags", "boxes", "tags").contains(name) && said.isSaid(name)) {
                    said.says("list", name, line.get("needed").asDouble());
                }
            }
        }
    }

    /** What the clock has of it, where nothing is done yet: what is done is off the clock. */
    void clock() {
        JsonNode rows = said.ofOrder("/clock").get("rows");
        boolean isWhole = false;
        boolean isToBeMixed = said.ofOrder("/bench").get("pressed").isEmpty();
        for (JsonNode row : rows) {
            for (JsonNode run : row.get("runs")) {
                boolean isOfPlan = run.get("addition").asInt() == 0;
                isWhole |= isOfPlan && run.get("doing").asString().equals("DOUGH");
            }
        }
        if (!isWhole) {
            return;
        }
        for (JsonNode row : rows) {
            for (JsonNode run : row.get("runs")) {
                int cookies = run.get("cookies").asInt();
                switch (run.get("doing").asString()) {
                    case "CUT" -> said.says("clock", "pieces of dough", cookies);
                    case "PACK" -> said.says("clock", "iced, spares with them", cookies);
                    case "BOWL" -> said.says("clock", "bowls", isToBeMixed ? 1 : 0);
                    default -> {
                        // Of no figure that stands elsewhere.
                    }
                }
            }
        }
        for (JsonNode part : Figures.parts(said.ofOrder("/mixing"))) {
            said.says(
                    "bowls", "bowls", isToBeMixed ? part.at("/pour/pour/bowls").size() : 0);
        }
    }

    /** What each cookie takes, move by move: its own page, its instruction sheet, the week and the bowls. */
    void cookiePages() throws IOException, InterruptedException {
        for (JsonNode design : said.ofOrder("").get("designs")) {
            String id = design.get("id").asString();
            said.says("set", "cookies of design " + id, design.get("count").asInt());
            for (JsonNode mark : design.at("/cookie/marks")) {
                if (mark.get("gramsEach").asDouble() > 0) {
                    said.says("cookie", each(id, mark), mark.get("gramsEach").asDouble());
                }
            }
            papers.agree(id, design);
        }
        for (JsonNode one : said.get("/api/week").get("orders")) {
            if (one.get("id").asLong() == order) {
                one.get("designs")
                        .forEach(design -> said.says(
                                "week",
                                "cookies of design " + design.get("id").asString(),
                                design.get("count").asInt()));
            }
        }
        for (JsonNode bowl : said.ofOrder("/mixing").at("/pour/pour/bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                for (JsonNode drink : portion.get("drinks")) {
                    String meaning = each(drink.get("design").asString(), drink);
                    if (said.isSaid(meaning)) {
                        said.says("bowls", meaning, drink.get("gramsEach").asDouble());
                    }
                }
            }
        }
    }

    private static String each(String design, JsonNode drink) {
        return "a cookie of design " + design + " takes by move "
                + drink.get("move").asInt();
    }

    /** When its trays are iced: clock, its table, the calendar and the bench. */
    void times() throws IOException, InterruptedException {
        for (JsonNode row : said.ofOrder("/clock").get("rows")) {
            for (JsonNode run : row.get("runs")) {
                if (run.get("doing").asString().equals("ICE")) {
                    said.says(
                            "clock",
                            iced(run.get("from").asString()),
                            run.get("cookies").asInt());
                }
            }
        }
        for (JsonNode step : said.ofOrder("/bench").get("steps")) {
            if (step.get("doing").asString().equals("ICE")
                    && step.get("order").asLong() == order
                    && !step.get("from").isNull()) {
                said.says(
                        "bench",
                        iced(step.get("from").asString()),
                        step.get("cookies").asInt());
            }
        }
        for (CSVRecord line :
                CSVFormat.RFC4180
                        .parse(new StringReader(new String(papers.file("clock.csv"), StandardCharsets.UTF_8)))
                        .stream()
                        .skip(1)
                        .toList()) {
            if (!line.get(0).isEmpty() && ICED.matcher(line.get(3)).find()) {
                said.says("clock's table", iced(line.get(0)), Double.parseDouble(line.get(6)));
            }
        }
        Matcher calendar =
                ICED.matcher(new String(papers.file("clock.ics"), StandardCharsets.UTF_8).replaceAll("\r?\n ", ""));
        while (calendar.find()) {
            said.says("calendar", "cookies iced in all", Double.parseDouble(calendar.group(1)));
        }
        said.figures("clock", TRAY_ICED).forEach(cookies -> said.says("clock", "cookies iced in all", cookies));
    }

    private static String iced(String begins) {
        return TRAY_ICED + LocalDateTime.parse(begins);
    }
}
