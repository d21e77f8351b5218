package app.zumbido.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.server.ServerTest;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.StreamSupport;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
@Timeout(value = 60, unit = TimeUnit.SECONDS)
class HandedOverTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();

    @Autowired
    private BrandKeeper keeper;

    @Autowired
    private Ids ids;

    @LocalServerPort
    private int port;

    private Swatch swatch(String name, String hex) {
        return Swatch.of(new SwatchId(ids.next()), name, Rgb.ofHex(hex), List.of());
    }

    private Brand ferries() {
        Brand begun =
                keeper.begin("Ostrel Ferries " + ids.next(), Optional.empty()).brand();
        List<Swatch> swatches = List.of(
                swatch("Night channel", "0B2A4A"), swatch("Harbour teal", "0F7C7A"), swatch("Buoy orange", "F2682A"));
        return change(begun.id(), brand -> BrandChange.DraftBrand.of(brand, "logo.png", swatches));
    }

    private Brand change(UUID id, Function<Brand, Change> change) {
        return keeper.change(id, IfMatch.anything(), change).brand();
    }

    private HttpResponse<byte[]> send(String method, String path, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("Content-Type", "application/json")
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.ofByteArray());
    }

    private JsonNode json(String method, String path, String body) throws Exception {
        return JSON.readTree(send(method, path, body).body());
    }

    private byte[] parcel(Brand brand, String items) throws Exception {
        String order = "{\"kind\":\"delivery\",\"brandId\":\"" + brand.id() + "\",\"what\":\"parcel\",\"items\":"
                + items + "}";
        HttpResponse<byte[]> taken = send("POST", "/api/jobs", order);
        assertThat(taken.statusCode()).isEqualTo(202);
        String path = taken.headers().firstValue("Location").orElseThrow();
        JsonNode job = json("GET", path, "");
        while (!job.get("state").asString().equals("done")) {
            assertThat(job.get("state").asString()).isIn("waiting", "running");
            Thread.sleep(20);
            job = json("GET", path, "");
        }
        assertThat(job.get("stepsDone")).isEqualTo(job.get("steps"));
        return send("GET", path + "/file", "").body();
    }

    private static List<String> names(byte[] zip) throws Exception {
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        return names;
    }

    private static List<String> texts(JsonNode array, String field) {
        return StreamSupport.stream(array.spliterator(), false)
                .map(node -> field.isEmpty() ? node.asString() : node.get(field).asString())
                .toList();
    }

    @Test
    void keepsWhatWasHandedOverAsItWasAndSaysWhatIsOutOfDate() throws Exception {
        Brand brand = ferries();
        String at = "/api/brands/" + brand.id() + "/handed-over";
        byte[] zip = parcel(brand, "[\"presentation\",\"codes\",\"swatches\"]");
        JsonNode entry = json("GET", at, "").get(0);
        assertThat(entry.get("revision").asLong()).isEqualTo(brand.revision());
        List<String> listed = texts(entry.get("files"), "path");
        assertThat(names(zip)).containsAll(listed).contains("contents.html");
        assertThat(entry.get("size").asInt()).isEqualTo(zip.length);

        String since = at + "/" + entry.get("id").asString() + "/since";
        assertThat(json("GET", since, "").get("changed").asBoolean()).isFalse();
        assertThat(json("GET", since, "").get("outOfDate")).isEmpty();

        // A note changes the table, since it stands there, and nothing else.
        SwatchId teal = brand.palette().swatches().get(1).id();
        change(brand.id(), now -> new PaletteChange.NoteSwatch(teal, new Notes("Blue 4 of the island printers", "")));
        assertThat(texts(json("GET", since, "").get("outOfDate"), ""))
                .allMatch(path -> path.endsWith(".csv") || path.endsWith(".txt"))
                .isNotEmpty();

        change(brand.id(), now -> new PaletteChange.RecolorSwatch(teal, Rgb.ofHex("138F8C"), Optional.empty()));
        JsonNode after = json("GET", since, "");
        assertThat(texts(after.get("outOfDate"), ""))
                .contains("swatches/"
                        + listed.stream()
                                .filter(path -> path.endsWith("-swatches.svg"))
                                .findFirst()
                                .orElseThrow()
                                .substring("swatches/".length()))
                .hasSizeGreaterThan(4);
        assertThat(after.get("recolored").get(0).get("before").asString()).isEqualTo("#0F7C7A");
        assertThat(after.get("recolored").get(0).get("now").asString()).isEqualTo("#138F8C");
        assertThat(send("GET", at + "/" + entry.get("id").asString() + "/file", "")
                        .body())
                .isEqualTo(zip);
        assertThat(send("GET", at + "/" + ids.next() + "/file", "").statusCode())
                .isEqualTo(404);
    }

    @Test
    void handsOverAnUnfinishedBrandWithItsList() throws Exception {
        Brand brand = keeper.begin("Unfinished", Optional.empty()).brand();
        Swatch working = swatch(WorkingName.of(Rgb.ofHex("B55A10"), Set.of()), "B55A10");
        change(brand.id(), now -> PaletteChange.AddSwatches.of(List.of(working)));
        JsonNode points = json("GET", "/api/brands/" + brand.id() + "/deliveries/open-points", "");
        assertThat(texts(points, "kind")).contains("working-names", "empty-slots");
        assertThat(names(parcel(brand, "[\"presentation\",\"codes\"]")))
                .contains("contents.html")
                .noneMatch(name -> name.endsWith(".potx"));
        JsonNode kept =
                json("GET", "/api/brands/" + brand.id() + "/handed-over", "").get(0);
        assertThat(kept.get("openPoints")).isEqualTo(points);
    }

    @Test
    void saysWhoseColorsAreClose() throws Exception {
        Brand one = ferries();
        ferries();
        JsonNode points = json("GET", "/api/brands/" + one.id() + "/deliveries/open-points", "");
        assertThat(texts(points, "kind")).contains("close-to-another");
    }

    @Test
    void knowsWhatMustBeRedoneWhereTheBrandIsSetUpByHand() throws Exception {
        Brand brand = ferries();
        String at = "/api/brands/" + brand.id() + "/places";
        SwatchId teal = brand.palette().swatches().get(1).id();
        String body = "{\"name\":\"ostrel.example\",\"kind\":\"site\",\"swatches\":[\"" + teal + "\"]}";
        String place = at + "/" + json("POST", at, body).get("id").asString();
        assertThat(json("GET", at, "").get(0).get("redo")).isEmpty();

        change(brand.id(), now -> new PaletteChange.RecolorSwatch(teal, Rgb.ofHex("138F8C"), Optional.empty()));
        JsonNode redo = json("GET", at, "").get(0).get("redo").get(0);
        assertThat(redo.get("before").asString()).isEqualTo("#0F7C7A");
        assertThat(redo.get("now").asString()).isEqualTo("#138F8C");

        assertThat(json("POST", place + "/redone", "").get("redo")).isEmpty();
        assertThat(json(
                                "PUT",
                                place,
                                body.replace("ostrel.example", "The site").replace("kind\":\"site", "kind\":\"other"))
                        .get("name")
                        .asString())
                .isEqualTo("The site");
        assertThat(send("DELETE", place, "").statusCode()).isEqualTo(204);
        assertThat(json("GET", at, "")).isEmpty();
        assertThat(json("POST", place + "/put-back", "").get("name").asString()).isEqualTo("The site");
        assertThat(send("POST", at, "{\"name\":\"\",\"kind\":\"site\"}").statusCode())
                .isEqualTo(422);
        assertThat(send("PUT", at + "/" + ids.next(), body).statusCode()).isEqualTo(404);
    }
}
