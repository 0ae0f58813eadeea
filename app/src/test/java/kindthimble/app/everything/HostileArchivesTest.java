package kindthimble.app.everything;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kindthimble.app.testing.OddJson;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.json.JsonMapper;

/** Archives of which something was changed by hand: each is taken, or refused with a sentence and nothing stored. {@code bin/fuzz} tries more of them. */
class HostileArchivesTest {
    private static final int ARCHIVES = Integer.getInteger("kind-thimble.fuzz.archives", 24);
    private static final long SEED = Long.getLong("kind-thimble.fuzz.seed", 26);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    /** What a shop has that was used: of each kind of thing one at least. */
    private static Map<String, byte[]> used() {
        APP.post(
                "/api/library",
                "{\"order\":1,\"design\":%s}"
                        .formatted(APP.get("/api/orders/1").body().at("/designs/0/id")));
        APP.post(
                "/api/cutters",
                "{\"id\": 0, \"name\": \"Pennant\", \"path\": \"M0 0H60V40L30 70L0 40Z\", \"across\": \"WIDTH\", \"sizeMm\": 66, \"tags\": []}");
        APP.change("/api/shop", "/settings/habits/MARGIN_MM/mean", 2.5);
        APP.change("/api/shop", "/recipes/meringue-powder/ingredients/0/grams", 460);
        return Archive.unzipped(APP.bytes("/api/everything"));
    }

    private static List<String> jsonOf(Map<String, byte[]> files) {
        return files.keySet().stream().filter(name -> name.endsWith(".json")).toList();
    }

    private static void isTakenOrRefused(Map<String, byte[]> files, String what, List<String> wrong) {
        Map<String, String> before = state();
        byte[] archive = Archive.zipped(files);
        for (String way : List.of("look", "take?clashes=KEEP_BOTH", "take?clashes=TAKE_THERE")) {
            RunningApp.Answer answer = APP.send("/api/everything/" + way, archive);
            if (answer.status() >= 500) {
                wrong.add(answer.status() + " for " + way + " of " + what);
            } else if (answer.status() >= 400) {
                if (answer.body().path("detail").asString("").length() < 15) {
                    wrong.add("no sentence for " + what);
                }
                if (!before.equals(state())) {
                    wrong.add("refused, and something stored: " + way + " of " + what);
                }
            } else {
                before = state();
            }
        }
    }

    private static Map<String, String> state() {
        Map<String, String> state = new LinkedHashMap<>();
        Archive.unzipped(APP.bytes("/api/everything"))
                .forEach((name, bytes) -> state.put(name, new String(bytes, StandardCharsets.UTF_8)));
        return state;
    }

    @Test
    void eachIsTakenOrRefusedWithASentence() {
        Random random = new Random(SEED);
        OddJson odd = new OddJson(random);
        Map<String, byte[]> files = used();
        List<String> names = new ArrayList<>(jsonOf(files));
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < ARCHIVES; i++) {
            // The files of a shop come as often as those of its many orders.
            String name = random.nextBoolean()
                    ? names.get(random.nextInt(names.size()))
                    : List.of("shop.json", "recipes.json", "shelf.json", "library.json", "cutters.json")
                            .get(random.nextInt(5));
            String text = odd.changed(JSON.readTree(files.get(name)));
            Map<String, byte[]> changed = new LinkedHashMap<>(files);
            changed.put(name, text.getBytes(StandardCharsets.UTF_8));
            isTakenOrRefused(changed, name + " " + text.substring(0, Math.min(1_500, text.length())), wrong);
        }
        assertTrue(wrong.isEmpty(), () -> wrong.size() + " of " + ARCHIVES + ":\n" + String.join("\n", wrong));
        assertEquals(200, APP.get("/api/week").status());
    }

    /** Each value of each file in turn left out, and once nothing: what an archive lacks is said, or the usual stands in for it. */
    @Test
    void whatIsNothingOrUnknownIsSaid() {
        Map<String, byte[]> files = used();
        List<String> wrong = new ArrayList<>();
        for (String what : List.of(
                "shelf.json {\"gels\": [null], \"jars\": {}, \"stock\": {}}",
                "shelf.json {\"gels\": null, \"jars\": null, \"stock\": null}",
                "shelf.json {\"gels\": [{}], \"jars\": {}, \"stock\": {}}",
                "shelf.json {\"gels\": [{\"key\": \"sky\", \"bottle\": null}]}",
                "shelf.json {\"gels\": [{\"key\": \"sky\", \"bottle\": {\"name\": null}, \"swatches\": [null]}]}",
                "shelf.json {\"jars\": {\"7d444840-9dc0-11d1-b245-5ffdce74fad2\": null}}",
                "shelf.json {\"jars\": {\"7d444840-9dc0-11d1-b245-5ffdce74fad2\": {}}}",
                "shelf.json {\"jars\": {\"no uuid\": {}}}",
                "shelf.json {\"stock\": {\"icing sugar\": null}}",
                "shelf.json {\"stock\": {\"\": 5}}",
                "shop.json {\"format\": 1, \"settings\": null}",
                "shop.json {\"format\": 1, \"settings\": {}}",
                "shop.json {}",
                "shop.json {\"format\": 1, \"settings\": {\"habits\": {\"MARGIN_MM\": null}}}",
                "shop.json {\"format\": 1, \"settings\": {\"habits\": {\"NO_HABIT\": {\"mean\": 1}}}}",
                "shop.json {\"format\": 1, \"settings\": {\"habits\": {\"MARGIN_MM\": {\"mean\": null}}}}",
                "shop.json {\"format\": 1, \"settings\": {\"tips\": [null], \"doughs\": [null], \"roomDays\": [null], \"weights\": [null]}}",
                "recipes.json [null]",
                "recipes.json [{}]",
                "recipes.json [{\"key\": \"own\", \"name\": null, \"ingredients\": [null]}]",
                "library.json [{}]",
                "library.json [{\"uid\": null, \"document\": null}]",
                "cutters.json [{}]",
                "cutters.json [null]",
                "orders/x.json null",
                "orders/x.json {}",
                "orders/x.json {\"uid\": \"7d444840-9dc0-11d1-b245-5ffdce74fad2\", \"details\": {}, \"designs\": [null]}")) {
            String name = what.substring(0, what.indexOf(' '));
            Map<String, byte[]> changed = new LinkedHashMap<>(files);
            changed.put(name, what.substring(what.indexOf(' ') + 1).getBytes(StandardCharsets.UTF_8));
            isTakenOrRefused(changed, what, wrong);
        }
        assertTrue(wrong.isEmpty(), () -> String.join("\n", wrong));
        assertTrue(
                jsonOf(Archive.unzipped(APP.bytes("/api/everything"))).containsAll(Set.of("shop.json", "shelf.json")));
    }
}
