package app.zumbido.formats.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.image.UnreadableImageException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Places are checked against the text itself: what stands at a spot must be the value that the parser told. */
class PartXmlTest {
    private static final int ELEMENTS = 20_000;

    private static List<Tag> tags(byte[] part) {
        List<Tag> tags = new ArrayList<>();
        PartXml.read("part.xml", part, tags::add);
        return tags;
    }

    /** Long enough for many buffers, with everything that makes a parser count otherwise than a reader. */
    private static String large(String lineEnd) {
        Random random = new Random(11);
        StringBuilder text =
                new StringBuilder("<?xml version=\"1.0\" encoding=\"ENC\"?>" + lineEnd + "<r xmlns:a='x'>");
        for (int i = 0; i < ELEMENTS; i++) {
            text.append("<a:b")
                    .append(lineEnd.repeat(1 + random.nextInt(2)))
                    .append("v = 'n")
                    .append(i)
                    .append("' a:w=\"x>y é\"")
                    .append(random.nextBoolean() ? "/>" : ">t&lt;" + lineEnd + "<!-- <a:b v='no'/> --></a:b >")
                    .append(lineEnd);
        }
        return text.append("</r>").toString();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\n", "\r\n", "\r"})
    void tellsWhereEveryValueStands(String lineEnd) {
        String text = large(lineEnd).replace("ENC", "UTF-8");
        List<Tag> tags = tags(text.getBytes(StandardCharsets.UTF_8));
        assertThat(tags).hasSize(ELEMENTS + 1);
        for (Tag tag : tags.subList(1, tags.size())) {
            Spot value = tag.spot("v").orElseThrow();
            assertThat(text.substring(value.from(), value.to()))
                    .isEqualTo(tag.attribute("v").orElseThrow());
            Spot prefixed = tag.spot("w").orElseThrow();
            assertThat(text.substring(prefixed.from(), prefixed.to())).isEqualTo("x>y é");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "ISO-8859-1"})
    void readsAndWritesEveryEncodingThatPartsHave(String name) {
        Charset charset = Charset.forName(name);
        String mark = name.startsWith("UTF-16") ? "\uFEFF" : "";
        byte[] part = (mark + "<?xml version='1.0' encoding='" + name + "'?><r v='é'/>").getBytes(charset);
        PartText text = PartText.of(part);
        assertThat(tags(part).get(0).attribute("v")).contains("é");
        assertThat(text.bytes(text.text())).isEqualTo(part);
    }

    @Test
    void refusesBytesThatAreNoText() {
        byte[] part = {'<', 'r', ' ', 'v', '=', '\'', (byte) 0xFF, '\'', '/', '>'};
        assertThatThrownBy(() -> tags(part)).isInstanceOf(UnreadableImageException.class);
    }

    @Test
    void refusesWhatIsNestedWithoutEnd() {
        byte[] part = ("<a>".repeat(20_000) + "</a>".repeat(20_000)).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> PartTree.read("deep.xml", part))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("nested too deeply");
    }

    @Test
    void followsNoDocumentType() {
        byte[] part = "<!DOCTYPE r [<!ENTITY x SYSTEM 'file:///etc/hostname'>]><r v='1'>&x;</r>"
                .getBytes(StandardCharsets.UTF_8);
        StringBuilder text = new StringBuilder();
        try {
            PartXml.read("part.xml", part, new PartXml.Handler() {
                @Override
                public void start(Tag tag) {
                    text.append(tag.name());
                }

                @Override
                public void text(String piece) {
                    text.append(piece);
                }
            });
        } catch (UnreadableImageException e) {
            assertThat(e.reason()).isEqualTo(UnreadableImageException.Reason.BROKEN);
        }
        assertThat(text).hasToString("r");
    }

    @Test
    void takesTheNewerOfTwoFormsOfTheSameThing() {
        PartTree.Node root = PartTree.read(
                "part.xml",
                "<r><AlternateContent><Choice><new/></Choice><Fallback><old/></Fallback>"
                        .concat("</AlternateContent><next>a<b>c</b></next></r>")
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(root.children()).extracting(PartTree.Node::name).containsExactly("new", "next");
        assertThat(root.at("next").orElseThrow().text()).isEqualTo("ac");
    }

    @Test
    void putsPiecesAndKeepsTheRest() {
        Splices splices = new Splices();
        splices.put(4, 5, "E");
        splices.put(0, 1, "");
        assertThat(splices.apply("abcdef")).isEqualTo("bcdEf");
        assertThatThrownBy(() -> splices.put(3, 5, "x")).isInstanceOf(IllegalArgumentException.class);
    }
}
