package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.uses.PartEdits;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;

class NewPartsTest {
    private static final String OPEN = "<?xml version='1.0'?><Types xmlns='t'";
    private static final String PNG = "media/logo.png";

    /** @param types what the package says of its content @return what changes when a picture has come in */
    private static Map<String, byte[]> withAPicture(String types) throws IOException {
        byte[] file =
                TextParts.zip(Map.of(NewParts.TYPES, types, "_rels/page.xml.rels", "<r:Relationships xmlns:r='r' />"));
        try (Archive archive = Archive.open(file)) {
            OfficePackage parts = new OfficePackage(archive);
            NewParts added = new NewParts(parts, new PartEdits(parts::part));
            added.add(PNG, new byte[] {1});
            added.relate("page.xml", "image", PNG);
            return added.changed();
        }
    }

    private static void assertDeclared(byte[] types) {
        var read = Jsoup.parse(new String(types, StandardCharsets.UTF_8), "", Parser.xmlParser());
        assertThat(read.select("Types > Default[Extension=png]").attr("ContentType"))
                .isEqualTo("image/png");
    }

    @Test
    void areSaidAtTheEndOfEveryKindOfList() throws IOException {
        assertDeclared(withAPicture(OPEN + "><Default Extension='xml' ContentType='x'/></Types >")
                .get(NewParts.TYPES));
        assertDeclared(withAPicture(OPEN + " />").get(NewParts.TYPES));
        assertDeclared(withAPicture(OPEN + "></Types><!-- </x> -->").get(NewParts.TYPES));
    }

    @Test
    void areRelatedWhereNothingWasRelatedYet() throws IOException {
        String list = new String(withAPicture(OPEN + "/>").get("_rels/page.xml.rels"), StandardCharsets.UTF_8);
        assertThat(Jsoup.parse(list, "", Parser.xmlParser())
                        .select("Relationship")
                        .eachAttr("Target"))
                .containsExactly("/" + PNG);
        assertThat(list).endsWith("</r:Relationships>");
    }

    @Test
    void comeIntoNoListThatIsBrokenOff() {
        for (String types : new String[] {OPEN + "><Default Extension='xm", OPEN + ">", OPEN, "", "text"}) {
            assertThatThrownBy(() -> withAPicture(types)).isInstanceOf(UnreadableImageException.class);
        }
    }
}
