package app.zumbido.formats.tokens;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Rules are those of the Design Tokens Format Module 2025.10; the sections stand beside each check. */
class DesignTokensTest {
    private static final Brand BRAND = BrandExample.ferries();
    private static final JsonNode TOKENS = DesignTokens.tokens(BRAND);

    /** Follows a reference through the tree, whatever is in it. */
    private static JsonNode followed(JsonNode root, JsonNode token) {
        JsonNode value = token.get("$value");
        if (!value.isString()) {
            return value;
        }
        String path = value.asString();
        assertThat(path).startsWith("{").endsWith("}");
        JsonNode at = root;
        for (String name : path.substring(1, path.length() - 1).split("\\.")) {
            at = at.path(name);
        }
        assertThat(at.isMissingNode()).as(path).isFalse();
        return followed(root, at);
    }

    private static void eachToken(JsonNode node, List<JsonNode> tokens) {
        if (node.has("$value")) {
            tokens.add(node);
            return;
        }
        node.properties().stream()
                .filter(entry -> entry.getValue().isObject())
                .forEach(entry -> eachToken(entry.getValue(), tokens));
    }

    /** Color Module, 4.1 and 4.2: components of 0 to 1, and a hex of six digits beside them. */
    @Test
    void everyReferenceLeadsToAColour() {
        List<JsonNode> tokens = new ArrayList<>();
        eachToken(TOKENS.get("palette"), tokens);
        eachToken(TOKENS.get("roles"), tokens);
        eachToken(TOKENS.get("themes"), tokens);
        assertThat(tokens).hasSizeGreaterThan(15);
        for (JsonNode token : tokens) {
            JsonNode value = followed(TOKENS, token);
            assertThat(value.get("colorSpace").asString()).isEqualTo("srgb");
            Rgb hex = Rgb.ofHex(value.get("hex").asString().substring(1));
            assertThat(value.at("/components/0").asDouble() * 255).isEqualTo(hex.red());
            assertThat(value.at("/components/1").asDouble() * 255).isEqualTo(hex.green());
            assertThat(value.at("/components/2").asDouble() * 255).isEqualTo(hex.blue());
        }
        JsonNode theme = TOKENS.get("themes").iterator().next();
        for (ThemeSlot slot : ThemeSlot.values()) {
            assertThat(Rgb.ofHex(followed(TOKENS, theme.get(slot.code()))
                            .get("hex")
                            .asString()
                            .substring(1)))
                    .isEqualTo(BRAND.look().colors().get(slot));
        }
    }

    /** The page's tests read the same file with a parser of others. */
    @Test
    void writesTheFileThatAParserOfOthersReads() throws IOException {
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream("ferries.tokens.json"))) {
            assertThat(new String(BrandExample.written(new DesignTokens(), BRAND), StandardCharsets.UTF_8))
                    .isEqualTo(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    /** 5.1: names hold no braces and no full stop, and do not begin with a dollar sign. */
    @Test
    void keepsNamesThatReferencesCannotHoldApart() {
        JsonNode tokens = DesignTokens.tokens(
                BrandExample.brand("Ostrel", "{Blue} 1.5 0B2A4A", "$Blue 0F7C7A", "Blau \"tief\" 🌊 F2682A"));
        assertThat(tokens.get("palette").propertyNames())
                .contains("Blue  1 5", "_$Blue", "Blau \"tief\" 🌊")
                .noneMatch(name -> name.contains("{") || name.contains("."));
    }

    /** 9.7: a typography token has these five. */
    @Test
    void saysHowTheBrandIsSet() {
        JsonNode heading = TOKENS.at("/type/heading");
        assertThat(heading.get("$type").asString()).isEqualTo("typography");
        assertThat(heading.get("$value").propertyNames())
                .containsExactlyInAnyOrder("fontFamily", "fontSize", "fontWeight", "letterSpacing", "lineHeight");
        assertThat(heading.at("/$value/fontSize/unit").asString()).isEqualTo("px");
        assertThat(heading.at("/$value/fontFamily/0").asString())
                .isEqualTo(BRAND.type().pair().heading().name());
    }

    @Test
    void givesItsSwatchesBack() {
        List<Rgb> read = new ArrayList<>();
        TokenFile.of(TOKENS.toString()).walk(new Uses() {
            @Override
            public void use(Use use) {
                read.add(use.color());
            }

            @Override
            public void named(Rgb color, String name) {
                read.add(color);
            }
        });
        BRAND.usable().swatches().forEach(swatch -> assertThat(read).contains(swatch.color()));
    }
}
